import type { CataloguePart } from '../../catalogue/partKinds'
import { slugOf } from '../../catalogue/slugOf'
import type { InsteadOfPlanned } from '../bench'
import type { Design, PartSnapshot } from '../design'
import { sameValue } from '../sameValue'
import { idsWithin, isSoldered, withInsides, withoutPieces } from './insides'
import { newPiece } from './newPiece'
import { withoutUnusedSnapshots, withSnapshot } from './snapshots'

/**
 * Fits another part in the place of one piece, and remembers what was planned there. The piece keeps its id, its bay
 * and what is written on it; what was noted of the other one, as its serial number, goes.
 *
 * A second one in the same place leaves the first plan; the planned part again ends the difference. A part of another
 * kind, or for a piece that is soldered on, changes nothing.
 */
export function fitInstead(
  design: Design,
  pieceId: string,
  part: CataloguePart,
  { on, note }: Pick<InsteadOfPlanned, 'on' | 'note'>,
): Design {
  const piece = design.fitted.find(({ id }) => id === pieceId)
  const before = design.snapshots.find(({ id }) => id === piece?.snapshotId)
  if (!piece || !before || isSoldered(design, piece)) return design
  if (before.sheet.kind !== part.sheet.kind) return design
  const { design: withSheet, snapshotId } = withSnapshot(design, part)
  if (snapshotId === piece.snapshotId) return design
  const emptied = withoutPieces(withSheet, idsWithin(withSheet, [pieceId]))
  const { owned, bay, within, label, away } = piece
  const fitted = emptied.fitted.map((one) =>
    one.id === pieceId
      ? { ...newPiece(pieceId, snapshotId, { owned, bay, within }), label, away }
      : one,
  )
  const known = design.bench.instead.find((one) => one.pieceId === pieceId)
  const planned = known?.planned ?? plannedPart(before)
  const others = emptied.bench.instead.filter((one) => one.pieceId !== pieceId)
  const instead = sameValue(planned.sheet, part.sheet)
    ? others
    : [...others, { pieceId, on, note, planned }]
  const after = { ...emptied, fitted, bench: { ...emptied.bench, instead } }
  return withoutUnusedSnapshots(withInsides(after, [pieceId]))
}

function plannedPart({
  slug,
  catalogueVersion,
  sheet,
  price,
}: PartSnapshot): InsteadOfPlanned['planned'] {
  return { slug, catalogueVersion, sheet, price }
}

/** Fits what was planned in the place of a piece after all. */
export function fitPlanned(design: Design, pieceId: string): Design {
  const planned = design.bench.instead.find((one) => one.pieceId === pieceId)?.planned
  if (!planned) return design
  const { slug, catalogueVersion, sheet, price } = planned
  const part = { slug: slug ?? slugOf(sheet), version: catalogueVersion, sheet, price }
  return fitInstead(design, pieceId, part, { on: null, note: '' })
}

/** Lets go of what was planned in the place of a piece: what is fitted is the plan from now on. */
export function forgetPlanned(design: Design, pieceId: string): Design {
  const instead = design.bench.instead.filter((one) => one.pieceId !== pieceId)
  if (instead.length === design.bench.instead.length) return design
  return { ...design, bench: { ...design.bench, instead } }
}
