import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { sheetName } from '../sheetName'

/** Memory that does not correct its errors, or parts that do not let it. */
export const noEcc: Rule = (document) => {
  const board = fittedOne(document, 'board')
  const cpu = fittedOne(document, 'cpu')
  const modules = fittedOfKind(document, 'memory')
  if (!board || !cpu || modules.length === 0) return []
  const required = document.houseRules.ecc === 'required'
  const without = [
    ...(board.sheet.takesEcc === true ? [] : [board]),
    ...(cpu.sheet.takesEcc === true ? [] : [cpu]),
    ...modules.filter(({ sheet }) => !sheet.ecc).slice(0, 1),
  ]
  // Where nobody asks for it, only memory that was paid for in vain is worth a word.
  const paidInVain = modules.some(({ sheet }) => sheet.ecc) && without.length > 0
  if (without.length === 0 || (!required && !paidInVain)) return []
  const unsure = without.some(
    ({ sheet }) => (sheet.kind === 'board' || sheet.kind === 'cpu') && sheet.takesEcc === null,
  )
  return [
    fitFinding({
      code: 'no-ecc',
      severity: required ? 'risks' : 'note',
      step: 'core',
      parts: without,
      sentence: `Memory errors ${unsure ? 'may not be' : 'are not'} corrected: ${without.map(({ sheet }) => sheetName(sheet)).join(' and ')} ${without.length === 1 ? 'does' : 'do'} not ${unsure ? 'say it can' : 'do it'}.`,
      houseRule: required
        ? 'House rule: error correction is required for data that matters. Others find it worthwhile, not a precondition.'
        : 'House rule: error correction is worthwhile, not a precondition. Here it is paid for and not in effect.',
    }),
  ]
}
