import type { DesignDocument } from '../document'
import { withoutPinsOn } from './pinPaths'
import { ungroupDrives } from './ungroupDrives'
import { withoutUnusedSnapshots } from './snapshots'

/** Takes pieces out of the design; drives leave their groups too. */
export function removeParts(document: DesignDocument, partIds: readonly string[]): DesignDocument {
  const gone = new Set(partIds)
  const fitted = document.fitted.filter(({ id }) => !gone.has(id))
  if (fitted.length === document.fitted.length) return document
  return withoutUnusedSnapshots({
    ...withoutPinsOn(ungroupDrives(document, partIds), gone),
    fitted,
  })
}
