import { type CataloguePart, kindOf, partKinds, type PartKind } from '../../catalogue/partKinds'
import type { Design } from '../design'
import { fittedOfKind, fittedWithSheets } from '../fittedParts'
import { bayForTray } from './bayForTray'
import { idsWithin, isSoldered, withInsides, withoutPieces } from './insides'
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
 * Adds a part that sits in no bay, with what comes in it. Where there are as many of its kind as the machine takes,
 * they are changed for it instead and keep their ids, so that drives stay in the bays of a case; the same one again
 * changes nothing. What is soldered on stays.
 */
export function fitPart(design: Design, part: CataloguePart): Design {
  const { kind } = part.sheet
  const there = fittedOfKind(design, kind).filter((one) => !isSoldered(design, one.part))
  if (there.length < mostOf(design, kind)) return fitAnother(design, part)
  const { design: withSheet, snapshotId } = withSnapshot(design, part)
  const changed = there
    .filter((one) => one.part.snapshotId !== snapshotId)
    .map((one) => one.part.id)
  if (changed.length === 0) return design
  const emptied = withoutPieces(withSheet, idsWithin(withSheet, changed))
  const inPlace = new Set(changed)
  let left = ownedLeft(withoutPieces(emptied, changed), part)
  const fitted = emptied.fitted.map((piece) => {
    if (!inPlace.has(piece.id)) return piece
    left -= 1
    return newPiece(piece.id, snapshotId, { owned: left >= 0 })
  })
  const after = { ...withoutPinsOn(emptied, inPlace), fitted }
  return withoutUnusedSnapshots(withInsides(after, changed))
}

/** Adds a part beside those of its kind that are there, however many a machine usually has. */
export function fitAnother(design: Design, part: CataloguePart): Design {
  const { design: withSheet, snapshotId } = withSnapshot(design, part)
  const id = nextId(
    part.sheet.kind,
    design.fitted.map((piece) => piece.id),
  )
  const owned = ownedLeft(withSheet, part) > 0
  const piece = newPiece(id, snapshotId, { owned, bay: bayForTray(design, part.sheet) })
  const after = { ...withSheet, fitted: [...withSheet.fitted, piece] }
  return withoutUnusedSnapshots(withInsides(after, [id]))
}
