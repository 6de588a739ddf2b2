import { BOARD_OUTLINES } from '../../catalogue/standards'
import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/**
 * The board reaches further forward than there is room, or than its size should: such a board misses
 * the front row of standoffs.
 */
export const boardTooDeep: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const board = fittedOne(document, 'board')
  if (!chassis || !board) return []
  const { boardMaxDepthMm } = chassis.sheet
  const { depthMm, size } = board.sheet
  const parts = [chassis, board]
  if (depthMm === null || boardMaxDepthMm === null) {
    const missing =
      depthMm === null
        ? `the depth of ${sheetName(board.sheet)}`
        : `the room for a board in ${sheetName(chassis.sheet)}`
    return [
      notKnown({
        code: 'board-too-deep',
        step: 'shell',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the board is too deep',
        missing,
      }),
    ]
  }
  const numbers = { depthMm, boardMaxDepthMm, standardDepthMm: BOARD_OUTLINES[size].depthMm }
  if (depthMm > boardMaxDepthMm) {
    return [
      fitFinding({
        code: 'board-too-deep',
        severity: 'blocks',
        step: 'shell',
        parts,
        sentence: `The board is ${say.number(depthMm, 1)} mm deep; ${sheetName(chassis.sheet)} has ${say.number(boardMaxDepthMm, 1)} mm for it.`,
        numbers,
      }),
    ]
  }
  if (depthMm <= numbers.standardDepthMm) return []
  return [
    fitFinding({
      code: 'board-too-deep',
      severity: 'risks',
      step: 'shell',
      parts,
      sentence: `The board is sold as ${size} but ${say.number(depthMm - numbers.standardDepthMm, 1)} mm deeper: its front holes miss the standoffs of ${size}.`,
      numbers,
    }),
  ]
}
