import type { BayId } from './bays'
import type { Machine } from './machine'
import { type Fitting, fittingOf, type Piece, type PieceId } from './piece'

/** Drives that are not in their place, and those that are and do not hold their share yet. */
export function awayOf(
  drives: readonly Piece<'drive'>[],
  fittings: ReadonlyMap<PieceId, Fitting>,
  driveIn: ReadonlyMap<BayId, PieceId>,
  placed: Machine['placed'],
): Pick<Machine, 'awayIds' | 'rebuildingIds'> {
  const onBoard = new Set<PieceId>()
  for (const kind of ['M.2', 'USB port'] as const) {
    for (const { pieceId } of placed[kind]) onBoard.add(pieceId)
  }
  const awayIds: PieceId[] = []
  const rebuildingIds: PieceId[] = []
  for (const { id } of drives) {
    const { bay, rebuilding } = fittingOf(fittings, id)
    const isInPlace = (bay !== null && driveIn.get(bay) === id) || onBoard.has(id)
    if (!isInPlace) awayIds.push(id)
    else if (rebuilding) rebuildingIds.push(id)
  }
  return { awayIds, rebuildingIds }
}
