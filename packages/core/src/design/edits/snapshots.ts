import type { CataloguePart } from '../../catalogue/partKinds'
import type { DesignDocument, PartSnapshot } from '../document'
import { nextId } from './nextId'

/** The document with a snapshot of this part, and the snapshot's id; one that is there is used again. */
export function withSnapshot(
  document: DesignDocument,
  part: CataloguePart,
): { document: DesignDocument; snapshotId: string } {
  const there = document.snapshots.find(
    ({ slug, catalogueVersion }) => slug === part.slug && catalogueVersion === part.version,
  )
  if (there) return { document, snapshotId: there.id }
  const snapshot: PartSnapshot = {
    id: nextId(
      'sheet',
      document.snapshots.map(({ id }) => id),
    ),
    slug: part.slug,
    catalogueVersion: part.version,
    sheet: part.sheet,
  }
  return {
    document: { ...document, snapshots: [...document.snapshots, snapshot] },
    snapshotId: snapshot.id,
  }
}

/** Lets go of data sheets that no piece uses any more. */
export function withoutUnusedSnapshots(document: DesignDocument): DesignDocument {
  const used = new Set(document.fitted.map(({ snapshotId }) => snapshotId))
  const snapshots = document.snapshots.filter(({ id }) => used.has(id))
  return snapshots.length === document.snapshots.length ? document : { ...document, snapshots }
}

/** Pieces of a part that are in the house and not in this design yet. */
export function ownedLeft(
  { fitted, snapshots }: DesignDocument,
  { slug, ownedPieces = 0 }: CataloguePart,
): number {
  if (ownedPieces === 0) return 0
  const sheetIds = new Set(snapshots.filter((one) => one.slug === slug).map(({ id }) => id))
  const used = fitted.filter(({ snapshotId, owned }) => owned && sheetIds.has(snapshotId)).length
  return ownedPieces - used
}
