import { BOARD_HOLES, type DesignDocument, fittedOne, HOLES_FROM_EDGE } from '@flint/core'

interface DrawnHole {
  frontMm: number
  leftMm: number
  /** How far off it may be, towards the front or the rear. */
  withinMm: number
}

/** Where the board's screw holes are, seen from above and measured from the front's left corner. */
export function boardHoles(document: DesignDocument): DrawnHole[] {
  const boardAt = fittedOne(document, 'chassis')?.sheet.boardAt
  const board = fittedOne(document, 'board')?.sheet
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
