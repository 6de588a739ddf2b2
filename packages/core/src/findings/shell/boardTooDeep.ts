import { BOARD_OUTLINES } from '../../catalogue/standards'
import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/**
 * The board reaches further forward than there is room, or than its size should: such a board misses
 * the front row of standoffs.
 */
export const boardTooDeep: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  const board = pieceOf(machine, 'board')
  if (!chassis || !board) return []
  const { boardMaxDepthMm } = chassis.dataSheet
  const { depthMm, size } = board.dataSheet
  const parts = [chassis, board]
  if (depthMm === null || boardMaxDepthMm === null) {
    const missing =
      depthMm === null
        ? `the depth of ${sheetName(board.dataSheet)}`
        : `the room for a board in ${sheetName(chassis.dataSheet)}`
    return [
      notKnown({
        code: 'board-too-deep',
        step: 'shell',
        partIds: parts.map(({ id }) => id),
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
        sentence: `The board is ${format.number(depthMm, 1)} mm deep; ${sheetName(chassis.dataSheet)} has ${format.number(boardMaxDepthMm, 1)} mm for it.`,
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
      sentence: `The board is sold as ${size} but ${format.number(depthMm - numbers.standardDepthMm, 1)} mm deeper: its front holes miss the standoffs of ${size}.`,
      numbers,
    }),
  ]
}
