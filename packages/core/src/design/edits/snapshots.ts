import type { CataloguePart } from '../../catalogue/partKinds'
import type { Design, PartSnapshot } from '../design'
import { sameValue } from '../sameValue'
import { nextId } from './nextId'

/** The data sheet of a design that is that of this part, word for word. */
export function snapshotOf(
  { snapshots }: Pick<Design, 'snapshots'>,
  { slug, version, sheet }: CataloguePart,
): PartSnapshot | undefined {
  return snapshots.find(
    (one) => one.slug === slug && one.catalogueVersion === version && sameValue(one.sheet, sheet),
  )
}

/** The document with a snapshot of this part, and the snapshot's id; one that is there is used again. */
export function withSnapshot(
  design: Design,
  part: CataloguePart,
): { design: Design; snapshotId: string } {
  const there = snapshotOf(design, part)
  if (there) return { design, snapshotId: there.id }
  const snapshot: PartSnapshot = {
    id: nextId(
      'sheet',
      design.snapshots.map(({ id }) => id),
    ),
    slug: part.slug,
    catalogueVersion: part.version,
    sheet: part.sheet,
    price: part.price,
  }
  return {
    design: { ...design, snapshots: [...design.snapshots, snapshot] },
    snapshotId: snapshot.id,
  }
}

/** Lets go of data sheets that no piece uses any more. */
export function withoutUnusedSnapshots(design: Design): Design {
  const used = new Set(design.fitted.map(({ snapshotId }) => snapshotId))
  const snapshots = design.snapshots.filter(({ id }) => used.has(id))
  return snapshots.length === design.snapshots.length ? design : { ...design, snapshots }
}

/** Pieces of a part that are in the house and not in this design yet. */
export function ownedLeft(
  { fitted, snapshots }: Design,
  { slug, ownedPieces = 0 }: CataloguePart,
): number {
  if (ownedPieces === 0) return 0
  const sheetIds = new Set(snapshots.filter((one) => one.slug === slug).map(({ id }) => id))
  const used = fitted.filter(({ snapshotId, owned }) => owned && sheetIds.has(snapshotId)).length
  return ownedPieces - used
}
