import type { Bay, BayBlock, BayId } from './bays'
import { type Fitting, fittingOf, type Piece, type PieceId } from './piece'

/** Which drive sits in which bay. A bay that no piece has holds nothing: its drive lies on the bench. */
export function drivesInBays(
  bays: ReadonlyMap<BayId, Bay>,
  drives: readonly Piece<'drive'>[],
  fittings: ReadonlyMap<PieceId, Fitting>,
): Map<BayId, Piece<'drive'>> {
  const found = new Map<BayId, Piece<'drive'>>()
  for (const drive of drives) {
    const { bay } = fittingOf(fittings, drive.id)
    if (bay !== null && bays.has(bay)) found.set(bay, drive)
  }
  return found
}

/** "bays 5 to 8", "bay 3", as the piece that has them counts them. */
export function bayRange(bays: readonly Pick<Bay, 'number'>[]): string {
  let [first, last] = [Infinity, -Infinity]
  for (const { number } of bays) {
    first = Math.min(first, number)
    last = Math.max(last, number)
  }
  return first === last ? `bay ${first}` : `bays ${first} to ${last}`
}

/** The bays of a block. */
export function baysOfBlock(block: BayBlock, bays: ReadonlyMap<BayId, Bay>): Bay[] {
  const found: Bay[] = []
  for (const id of block.bayIds) {
    const bay = bays.get(id)
    if (bay) found.push(bay)
  }
  return found
}
