import type { Design } from '../design'
import { withoutPinsOn } from './pinPaths'
import { ungroupDrives } from './ungroupDrives'
import { withoutUnusedSnapshots } from './snapshots'

/** Takes pieces out of the design; drives leave their groups too. */
export function removeParts(design: Design, partIds: readonly string[]): Design {
  const gone = new Set(partIds)
  const fitted = design.fitted.filter(({ id }) => !gone.has(id))
  if (fitted.length === design.fitted.length) return design
  return withoutUnusedSnapshots({
    ...withoutPinsOn(ungroupDrives(design, partIds), gone),
    fitted,
  })
}
