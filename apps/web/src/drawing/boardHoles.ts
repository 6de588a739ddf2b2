import { BOARD_HOLES, HOLES_FROM_EDGE } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'

interface DrawnHole {
  frontMm: number
  leftMm: number
  /** How far off it may be, towards the front or the rear. */
  withinMm: number
}

/** Where the board's screw holes are, seen from above and measured from the front's left corner. */
export function boardHoles(machine: Machine): DrawnHole[] {
  const boardAt = pieceOf(machine, 'chassis')?.dataSheet.boardAt
  const board = pieceOf(machine, 'board')?.dataSheet
  const widthMm = board?.widthMm ?? null
  if (!boardAt || !board || widthMm === null) return []
  const { alongMm: edgeMm, rearMm, lastColumnMm } = HOLES_FROM_EDGE
  const socketSideMm = boardAt.leftMm + widthMm - edgeMm
  return BOARD_HOLES[board.size].map(({ alongMm, forwardMm, withinMm }) => ({
    frontMm: boardAt.frontMm - rearMm - forwardMm,
    leftMm: socketSideMm - (lastColumnMm - alongMm),
    withinMm,
  }))
}
