import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The chassis has no standoffs for this size of board. */
export const boardSizeNotTaken: Rule = (document) => {
  const chassis = fittedOne(document, 'chassis')
  const board = fittedOne(document, 'board')
  if (!chassis || !board) return []
  const { boardSizes } = chassis.sheet
  const parts = [chassis, board]
  if (!boardSizes) {
    return [
      notKnown({
        code: 'board-size-not-taken',
        step: 'shell',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the board fits the chassis',
        missing: `the board sizes that ${sheetName(chassis.sheet)} takes`,
      }),
    ]
  }
  if (boardSizes.includes(board.sheet.size)) return []
  return [
    fitFinding({
      code: 'board-size-not-taken',
      severity: 'blocks',
      step: 'shell',
      parts,
      sentence: `${sheetName(chassis.sheet)} takes ${boardSizes.join(', ')}; the board is ${board.sheet.size}.`,
    }),
  ]
}
