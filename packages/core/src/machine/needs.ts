import { NEED_KINDS, type NeedKind } from '../catalogue/needs'
import type { Piece, PieceId } from './piece'

/** A need of a piece, and what it is met by. */
export interface PlacedNeed {
  pieceId: PieceId
  need: NeedKind
  /** The piece that offers it, and which of its offers of that kind, counted from 1. */
  on: { pieceId: PieceId; number: number }
}

/**
 * `none left`: there are too few, or none that fits. `not put in`: the builder has not said where.
 * `not known`: a data sheet lacks what must be known.
 */
export type WhyUnplaced = 'none left' | 'not put in' | 'not known'

export interface UnplacedNeed {
  pieceId: PieceId
  need: NeedKind
  why: WhyUnplaced
  /** Pieces that want the same and cannot all have it, this one among them; empty where that says nothing. */
  conflictIds: PieceId[]
}

export interface Needs {
  placed: PlacedNeed[]
  unplaced: UnplacedNeed[]
}

/** Needs by what is needed, so that who asks for sockets need not look again when a drive changes its bay. */
export type ByNeed<Some> = Readonly<Record<NeedKind, readonly Some[]>>

export interface NeedsByKind {
  placed: ByNeed<PlacedNeed>
  unplaced: ByNeed<UnplacedNeed>
}

/** All of them in one list. */
export const allNeeds = <Some>(needs: ByNeed<Some>): Some[] =>
  NEED_KINDS.flatMap((kind) => needs[kind])

/** Lists of needs, sorted by what is needed. */
export function byNeed<Some extends { need: NeedKind }>(parts: readonly Some[][]): ByNeed<Some> {
  const found = {} as Record<NeedKind, Some[]>
  for (const kind of NEED_KINDS) found[kind] = []
  for (const part of parts) for (const one of part) found[one.need].push(one)
  return found
}

/** Needs that are met alike wherever drives are put. */
export const STEADY_NEEDS = NEED_KINDS.filter(
  (kind) => kind !== 'bay' && kind !== 'data port' && kind !== 'power plug',
)

/** Whether a piece needs something of a kind. */
export const wants = ({ needs }: Piece, kind: NeedKind): boolean =>
  needs.some((need) => need.kind === kind)
