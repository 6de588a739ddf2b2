import type { Bay, BayBlock, BayId } from './bays'
import { type Fitting, fittingOf, type Piece, type PieceId } from './piece'

/** Which drive sits in which bay. A bay that no piece has holds nothing: its drive lies on the bench. */
export function drivesInBays(
  bays: readonly Bay[],
  drives: readonly Piece<'drive'>[],
  fittings: ReadonlyMap<PieceId, Fitting>,
): Map<BayId, Piece<'drive'>> {
  const known = new Set(bays.map(({ id }) => id))
  return new Map(
    drives.flatMap((drive) => {
      const { bay } = fittingOf(fittings, drive.id)
      return bay !== null && known.has(bay) ? [[bay, drive] as const] : []
    }),
  )
}

/** "bays 5 to 8", "bay 3", as the piece that has them counts them. */
export function bayRange(bays: readonly Pick<Bay, 'number'>[]): string {
  const numbers = bays.map(({ number }) => number)
  const [first, last] = [Math.min(...numbers), Math.max(...numbers)]
  return first === last ? `bay ${first}` : `bays ${first} to ${last}`
}

/** The bays of a block. */
export function baysOfBlock(block: BayBlock, bays: ReadonlyMap<BayId, Bay>): Bay[] {
  return block.bayIds.flatMap((id) => bays.get(id) ?? [])
}
