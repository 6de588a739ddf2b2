import { piecesOf, pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { sheetName } from '../../judging/sheetName'

/** Memory that does not correct its errors, or parts that do not let it. */
export const noEcc: Rule = ({ design, machine }) => {
  const board = pieceOf(machine, 'board')
  const cpu = pieceOf(machine, 'cpu')
  const modules = piecesOf(machine, 'memory')
  if (!board || !cpu || modules.length === 0) return []
  const required = design.houseRules.ecc === 'required'
  const without = [
    ...(board.dataSheet.takesEcc === true ? [] : [board]),
    ...(cpu.dataSheet.takesEcc === true ? [] : [cpu]),
    ...modules.filter(({ dataSheet }) => !dataSheet.ecc).slice(0, 1),
  ]
  // Where nobody asks for it, only memory that was paid for in vain is worth a word.
  const paidInVain = modules.some(({ dataSheet }) => dataSheet.ecc) && without.length > 0
  if (without.length === 0 || (!required && !paidInVain)) return []
  const unsure = without.some(
    ({ dataSheet }) =>
      (dataSheet.kind === 'board' || dataSheet.kind === 'cpu') && dataSheet.takesEcc === null,
  )
  return [
    fitFinding({
      code: 'no-ecc',
      severity: required ? 'risks' : 'note',
      step: 'core',
      parts: without,
      sentence: `Memory errors ${unsure ? 'may not be' : 'are not'} corrected: ${without.map(({ dataSheet }) => sheetName(dataSheet)).join(' and ')} ${without.length === 1 ? 'does' : 'do'} not ${unsure ? 'say it can' : 'do it'}.`,
      houseRule: required
        ? 'House rule: error correction is required for data that matters. Others find it worthwhile, not a precondition.'
        : 'House rule: error correction is worthwhile, not a precondition. Here it is paid for and not in effect.',
    }),
  ]
}
