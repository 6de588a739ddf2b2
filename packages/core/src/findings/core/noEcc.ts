import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  withoutIds: readonly PieceId[]
  /** Whether a data sheet leaves it open, so that it may be corrected after all. */
  isUnsure: boolean
  isRequired: boolean
}

/** Memory that does not correct its errors, or parts that do not let it. */
export const noEcc: Rule<'no-ecc', Facts> = {
  code: 'no-ecc',
  step: 'core',
  find: ({ houseRules, machine }) => {
    const board = pieceOf(machine, 'board')
    const cpu = pieceOf(machine, 'cpu')
    const modules = piecesOf(machine, 'memory')
    if (!board || !cpu || modules.length === 0) return []
    const isRequired = houseRules.ecc === 'required'
    const without = [
      ...(board.dataSheet.takesEcc === true ? [] : [board]),
      ...(cpu.dataSheet.takesEcc === true ? [] : [cpu]),
      ...modules.filter(({ dataSheet }) => !dataSheet.ecc).slice(0, 1),
    ]
    // Where nobody asks for it, only memory that was paid for in vain is worth a word.
    const isPaidInVain = modules.some(({ dataSheet }) => dataSheet.ecc) && without.length > 0
    if (without.length === 0 || (!isRequired && !isPaidInVain)) return []
    const isUnsure = without.some(
      ({ dataSheet }) =>
        (dataSheet.kind === 'board' || dataSheet.kind === 'cpu') && dataSheet.takesEcc === null,
    )
    const facts = { withoutIds: without.map(({ id }) => id), isUnsure, isRequired }
    return [found(isRequired ? 'risks' : 'note', { parts: without }, facts)]
  },
  sentence: ({ withoutIds, isUnsure }, { pieces }) =>
    `Memory errors ${isUnsure ? 'may not be' : 'are not'} corrected: ${pieces(withoutIds)} ${withoutIds.length === 1 ? 'does' : 'do'} not ${isUnsure ? 'say it can' : 'do it'}.`,
  houseRule: ({ isRequired }) =>
    isRequired
      ? 'House rule: ECC memory is required for data that matters. Others prefer it, but build without.'
      : 'House rule: ECC memory is preferred, not required. Here it is paid for and does nothing.',
}
