import type { Need } from '../catalogue/needs'
import type { Offer } from '../catalogue/offers'
import {
  kindOf,
  PART_KINDS,
  type PartKind,
  type PartSheet,
  type SheetOf,
} from '../catalogue/partKinds'
import type { Design, FittedPart } from '../design/design'
import { fittedWithSheets } from '../design/fittedParts'

export type PieceId = string

/** One physical piece with its data sheet. */
export interface Piece<Kind extends PartKind = PartKind> {
  id: PieceId
  kind: Kind
  dataSheet: SheetOf<Kind>
  /** What it needs of others and offers them, by its data sheet. */
  needs: readonly Need[]
  offers: readonly Offer[]
}

/** What a design says of a piece itself, as far as the machine depends on it. */
export type Fitting = Pick<FittedPart, 'bay' | 'away' | 'rebuilding' | 'sockets' | 'within'>

export type PiecesByKind = { readonly [Kind in PartKind]?: readonly Piece<Kind>[] }

/**
 * Every piece of a design, in the order it was added.
 *
 * @param before the pieces of a design that differs a little; what is still the same is taken from there
 */
export function piecesOfDesign(
  design: Pick<Design, 'fitted' | 'snapshots'>,
  before?: ReadonlyMap<PieceId, Piece>,
): Piece[] {
  const bySheet = new Map<PartSheet, Pick<Piece, 'needs' | 'offers'>>()
  for (const { dataSheet, needs, offers } of before?.values() ?? []) {
    bySheet.set(dataSheet, { needs, offers })
  }
  return fittedWithSheets(design).map(({ part, sheet }) => {
    const same = before?.get(part.id)
    if (same?.dataSheet === sheet) return same
    let wants = bySheet.get(sheet)
    if (!wants) {
      const { needs, offers } = kindOf(sheet)
      wants = { needs: needs(sheet), offers: offers(sheet) }
      bySheet.set(sheet, wants)
    }
    return { id: part.id, kind: sheet.kind, dataSheet: sheet, ...wants }
  })
}

export function byKind(pieces: readonly Piece[]): PiecesByKind {
  const found: Partial<Record<PartKind, Piece[]>> = {}
  for (const piece of pieces) {
    const list = found[piece.kind]
    if (list) list.push(piece)
    else found[piece.kind] = [piece]
  }
  // Each list has pieces of the kind it stands under.
  return found as unknown as PiecesByKind
}

/** All pieces in the order in which kinds are listed, those of one kind in the order they were added. */
export function inKindOrder(pieces: PiecesByKind): Piece[] {
  return PART_KINDS.flatMap((kind) => (pieces[kind] ?? []) as readonly Piece[])
}

/** The same without the bay, which is in `driveIn` of a machine. */
export type Said = Omit<Fitting, 'bay'>

/**
 * What a design says of each piece but its bay.
 * @param before the same of a design that differs a little; where only bays differ, the very same map
 */
export function saidOf(
  fittings: ReadonlyMap<PieceId, Fitting>,
  before?: ReadonlyMap<PieceId, Said>,
): ReadonlyMap<PieceId, Said> {
  if (before && saysTheSame(fittings, before)) return before
  const said = new Map<PieceId, Said>()
  for (const [id, { away, rebuilding, sockets, within }] of fittings) {
    said.set(id, { away, rebuilding, sockets, within })
  }
  return said
}

function saysTheSame(
  fittings: ReadonlyMap<PieceId, Fitting>,
  before: ReadonlyMap<PieceId, Said>,
): boolean {
  if (before.size !== fittings.size) return false
  for (const [id, { away, rebuilding, sockets, within }] of fittings) {
    const was = before.get(id)
    if (was?.away !== away || was.rebuilding !== rebuilding) return false
    if (was.sockets !== sockets || was.within !== within) return false
  }
  return true
}

const NOTHING_SAID: Fitting = {
  bay: null,
  away: null,
  rebuilding: false,
  sockets: [],
  within: null,
}

/** What a design says of each of its pieces. */
export function fittingsOf({ fitted }: Pick<Design, 'fitted'>): Map<PieceId, Fitting> {
  const found = new Map<PieceId, Fitting>()
  for (const part of fitted) found.set(part.id, part)
  return found
}

/** What the design says of a piece. */
export function fittingOf<Some extends Said>(
  fittings: ReadonlyMap<PieceId, Some>,
  id: PieceId,
): Some | typeof NOTHING_SAID {
  return fittings.get(id) ?? NOTHING_SAID
}
