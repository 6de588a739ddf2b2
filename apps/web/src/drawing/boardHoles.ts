import { BOARD_HOLES, HOLES_FROM_EDGE, OWN_OUTLINE } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'
import type { Arrangement } from './arrangement'
import { onBoard } from './boardDetails'

interface DrawnHole {
  frontMm: number
  acrossMm: number
  /** How far off it may be, towards the front or the rear. */
  withinMm: number
}

/** Where the board's screw holes are on the plan. */
export function boardHoles(machine: Machine, { plane, board }: Arrangement): DrawnHole[] {
  const sheet = pieceOf(machine, 'board')?.dataSheet
  if (!sheet || !board || sheet.size === OWN_OUTLINE) return []
  const { alongMm: edgeMm, rearMm, lastColumnMm } = HOLES_FROM_EDGE
  return BOARD_HOLES[sheet.size].map(({ alongMm, forwardMm, withinMm }) => {
    const fromSocketsMm = edgeMm + lastColumnMm - alongMm
    const { x, y } = onBoard({ plane, board }, rearMm + forwardMm, fromSocketsMm)
    return { frontMm: x, acrossMm: y, withinMm }
  })
}
