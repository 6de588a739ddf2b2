import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The chassis has no standoffs for this size of board. */
export const boardSizeNotTaken: Rule = ({ machine }) => {
  const chassis = pieceOf(machine, 'chassis')
  const board = pieceOf(machine, 'board')
  if (!chassis || !board) return []
  const { boardSizes } = chassis.dataSheet
  const parts = [chassis, board]
  if (!boardSizes) {
    return [
      notKnown({
        code: 'board-size-not-taken',
        step: 'shell',
        partIds: parts.map(({ id }) => id),
        question: 'whether the board fits the chassis',
        missing: `the board sizes that ${sheetName(chassis.dataSheet)} takes`,
      }),
    ]
  }
  if (boardSizes.includes(board.dataSheet.size)) return []
  return [
    fitFinding({
      code: 'board-size-not-taken',
      severity: 'blocks',
      step: 'shell',
      parts,
      sentence: `${sheetName(chassis.dataSheet)} takes ${boardSizes.join(', ')}; the board is ${board.dataSheet.size}.`,
    }),
  ]
}
