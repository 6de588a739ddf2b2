import { isTray } from '../catalogue/kinds/cage'
import type { PiecesByKind, PieceId } from './piece'

/** A wide opening at the front, from the upper left corner of it. */
interface Opening {
  leftMm: number
  topMm: number
}

/**
 * Which wide openings does each cage fill?
 *
 * Cages go in from the top down, each into as many as it fills, one below the other; one that finds too few left
 * gets none.
 */
export function placeInOpenings({ chassis, cage }: PiecesByKind): Map<PieceId, Opening[]> {
  const openings = chassis?.[0]?.dataSheet.openings525 ?? []
  const placed = new Map<PieceId, Opening[]>()
  let next = 0
  for (const { id, dataSheet } of cage ?? []) {
    if (isTray(dataSheet)) continue
    const filled = openings.slice(next, next + dataSheet.openings)
    if (filled.length < dataSheet.openings) continue
    next += dataSheet.openings
    placed.set(id, filled)
  }
  return placed
}
