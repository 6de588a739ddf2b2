import { type Design, type FittedPart, MOST_FITTED } from '../design'
import { withInsides } from './insides'
import { newPiece } from './newPiece'
import { nextId } from './nextId'

/**
 * More pieces of a data sheet that the design has already, in no bay and not owned.
 *
 * A sheet that the design does not have changes nothing; more than a design may hold are left out.
 */
export function addPieces(design: Design, snapshotId: string, count: number): Design {
  const snapshot = design.snapshots.find(({ id }) => id === snapshotId)
  if (!snapshot) return design
  const ids = design.fitted.map(({ id }) => id)
  const room = Math.max(0, MOST_FITTED - ids.length)
  const added = Array.from({ length: Math.min(count, room) }, (): FittedPart => {
    const id = nextId(snapshot.sheet.kind, ids)
    ids.push(id)
    return newPiece(id, snapshotId, { owned: false })
  })
  if (added.length === 0) return design
  return withInsides(
    { ...design, fitted: [...design.fitted, ...added] },
    added.map(({ id }) => id),
  )
}
