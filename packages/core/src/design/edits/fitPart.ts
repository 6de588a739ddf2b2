import type { CataloguePart, PartKind } from '../../catalogue/partKinds'
import type { DesignDocument, FittedPart } from '../document'
import { fittedOfKind, fittedOne } from '../fittedParts'
import { nextId } from './nextId'
import { withoutPinsOn } from './pinPaths'
import { ownedLeft, withoutUnusedSnapshots, withSnapshot } from './snapshots'

/** Kinds of which a machine has one: a new one takes the place of the old. */
const SINGLE: ReadonlySet<PartKind> = new Set([
  'chassis',
  'board',
  'cpu',
  'cooler',
  'supply',
  'place',
  'ups',
])

/** Whether a machine has one part of this kind, so that choosing another changes it. */
export function isSingle(kind: PartKind): boolean {
  return SINGLE.has(kind)
}

/**
 * Adds a part that sits in no bay, or changes the one there is where a machine has only one; the same
 * one again changes nothing.
 */
export function fitPart(document: DesignDocument, part: CataloguePart): DesignDocument {
  const { kind } = part.sheet
  const { document: withSheet, snapshotId } = withSnapshot(document, part)
  const takesPlace = isSingle(kind)
  if (takesPlace && fittedOne(document, kind)?.part.snapshotId === snapshotId) return document
  const replaced = takesPlace
    ? new Set(fittedOfKind(document, kind).map(({ part: { id } }) => id))
    : new Set<string>()
  const fitted: FittedPart = {
    id: nextId(
      kind,
      document.fitted.map(({ id }) => id),
    ),
    snapshotId,
    owned: ownedLeft(withSheet, part) > 0,
    bay: null,
    label: '',
    ageYears: null,
    sockets: [],
  }
  return withoutUnusedSnapshots({
    ...withoutPinsOn(withSheet, replaced),
    fitted: [...withSheet.fitted.filter(({ id }) => !replaced.has(id)), fitted],
  })
}
