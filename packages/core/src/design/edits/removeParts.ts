import type { Design } from '../design'
import { idsWithin, isSoldered, withoutPieces } from './insides'
import { ungroupDrives } from './ungroupDrives'
import { withoutUnusedSnapshots } from './snapshots'

/**
 * Takes pieces out of the design, and what came in them; drives leave their groups too. What is soldered to a board
 * goes with it alone.
 */
export function removeParts(design: Design, partIds: readonly string[]): Design {
  const wanted = new Set(partIds)
  const loose = design.fitted
    .filter((part) => wanted.has(part.id) && !isSoldered(design, part))
    .map(({ id }) => id)
  if (loose.length === 0) return design
  const gone = [...loose, ...idsWithin(design, loose)]
  return withoutUnusedSnapshots(withoutPieces(ungroupDrives(design, gone), gone))
}
