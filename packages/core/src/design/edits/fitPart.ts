import { type CataloguePart, kindOf, partKinds, type PartKind } from '../../catalogue/partKinds'
import type { Design } from '../design'
import { fittedOfKind, fittedWithSheets } from '../fittedParts'
import { newPiece } from './newPiece'
import { nextId } from './nextId'
import { withoutPinsOn } from './pinPaths'
import { ownedLeft, withoutUnusedSnapshots, withSnapshot } from './snapshots'

/**
 * Of how many pieces of a kind one more takes the place of another: one for most of what a machine has once, as
 * many as there are sockets for CPUs; Infinity where any number may be added.
 */
export function mostOf(design: Design, kind: PartKind): number {
  const { count } = partKinds[kind]
  if (count === 'many') return Infinity
  if (count === 'one' || count === 'one or more') return 1
  const offered = fittedWithSheets(design)
    .flatMap(({ sheet }) => kindOf(sheet).offers(sheet))
    .reduce(
      (sum, offer) => sum + (offer.kind === count && 'count' in offer ? (offer.count ?? 0) : 0),
      0,
    )
  return Math.max(1, offered)
}

/**
 * Adds a part that sits in no bay. Where there are as many of its kind as the machine takes, they are changed for
 * it instead and keep their ids, so that drives stay in the bays of a case; the same one again changes nothing.
 */
export function fitPart(design: Design, part: CataloguePart): Design {
  const { kind } = part.sheet
  const there = fittedOfKind(design, kind)
  if (there.length < mostOf(design, kind)) return fitAnother(design, part)
  const { design: withSheet, snapshotId } = withSnapshot(design, part)
  const changed = new Set(
    there.filter((one) => one.part.snapshotId !== snapshotId).map((one) => one.part.id),
  )
  if (changed.size === 0) return design
  let left = ownedLeft(withoutPieces(withSheet, changed), part)
  const fitted = withSheet.fitted.map((piece) => {
    if (!changed.has(piece.id)) return piece
    left -= 1
    return newPiece(piece.id, snapshotId, { owned: left >= 0 })
  })
  return withoutUnusedSnapshots({ ...withoutPinsOn(withSheet, changed), fitted })
}

/** Adds a part beside those of its kind that are there, however many a machine usually has. */
export function fitAnother(design: Design, part: CataloguePart): Design {
  const { design: withSheet, snapshotId } = withSnapshot(design, part)
  const id = nextId(
    part.sheet.kind,
    design.fitted.map((piece) => piece.id),
  )
  const piece = newPiece(id, snapshotId, { owned: ownedLeft(withSheet, part) > 0 })
  return withoutUnusedSnapshots({ ...withSheet, fitted: [...withSheet.fitted, piece] })
}

function withoutPieces(design: Design, ids: ReadonlySet<string>): Design {
  return { ...design, fitted: design.fitted.filter(({ id }) => !ids.has(id)) }
}
