import type { CataloguePart } from '../../catalogue/partKinds'
import type { Design } from '../design'
import { fittedOfKind } from '../fittedParts'
import { newPiece } from './newPiece'
import { nextId } from './nextId'
import { ownedLeft, withoutUnusedSnapshots, withSnapshot } from './snapshots'

/**
 * Puts a drive of this model into each of these bays.
 *
 * A bay that already holds a drive gets the new model in its place and the drive keeps its id, and
 * with it its membership in a group: that is how a model is changed. The new drive is one of
 * those owned while there are any, and has no label and no age.
 *
 * @param bayIds ids as `baysOf` gives them
 */
export function putDrivesInBays(
  design: Design,
  model: CataloguePart,
  bayIds: readonly string[],
): Design {
  if (bayIds.length === 0) return design
  const { design: withSheet, snapshotId } = withSnapshot(design, model)
  const drives = new Set(fittedOfKind(withSheet, 'drive').map(({ part }) => part.id))
  const inBay = new Map(withSheet.fitted.map((part, index) => [part.bay, index]))
  const fitted = [...withSheet.fitted]
  let changed = false
  for (const bay of new Set(bayIds)) {
    const index = inBay.get(bay)
    const before = index === undefined ? undefined : fitted[index]
    // In a bay with a tray only the bays of that take drives.
    if (before?.snapshotId === snapshotId || (before && !drives.has(before.id))) continue
    changed = true
    const left = ownedLeft({ ...withSheet, fitted }, model)
    const ids = fitted.map(({ id }) => id)
    const drive = newPiece(before?.id ?? nextId('drive', ids), snapshotId, { owned: left > 0, bay })
    if (index === undefined) fitted.push(drive)
    else fitted[index] = drive
  }
  return changed ? withoutUnusedSnapshots({ ...withSheet, fitted }) : design
}
