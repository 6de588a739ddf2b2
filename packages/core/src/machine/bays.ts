import type { Backplane } from '../catalogue/blocks'
import type { BaysOffer } from '../catalogue/offers'
import { bayIdOf } from '../design/pathChoices'
import { type Front, frontsOf } from './fronts'
import { placeInOpenings } from './openings'
import type { Piece, PiecesByKind, PieceId } from './piece'

export type BayId = string

/** A block of equal bays; those of one block share a backplane where there is one. */
export interface BayBlock {
  /** The case, cage or enclosure that has it. */
  pieceId: PieceId
  /** Which block of that piece it is, counted from 1. */
  number: number
  bayIds: readonly BayId[]
  formFactor: '3.5' | '2.5'
  access: 'hot-swap' | 'internal'
  backplane: Backplane | null
  rows: number
  columns: number
  bayWidthMm: number
  bayHeightMm: number
  gapMm: number
  /** From the upper left corner of the machine's front. */
  leftMm: number
  topMm: number
  /** Whether it is in an enclosure beside the machine, with a supply of its own. */
  isOutside: boolean
}

export interface Bay {
  id: BayId
  /** The case, cage or enclosure that has it, and which bay of that it is, counted from 1. */
  pieceId: PieceId
  number: number
  /** Which block of the machine it is in, counted from 0. */
  blockIndex: number
  /** Which enclosure beside the machine it is in, counted from 0; null for one in the machine. */
  enclosureIndex: number | null
  /** Row and column within its block, counted from 1. */
  row: number
  column: number
  rows: number
  columns: number
  formFactor: '3.5' | '2.5'
  access: 'hot-swap' | 'internal'
  leftMm: number
  topMm: number
  widthMm: number
  heightMm: number
}

/**
 * Which blocks of bays are there, and where: those of the front, those of cages in its wide openings, those of
 * enclosures beside it?
 *
 * A cage that finds too few openings gives no bays; what is said about that is another question. Bays without a
 * place of their own are in the middle of the front of their piece.
 */
export function bayBlocksOf(pieces: PiecesByKind): BayBlock[] {
  const [chassis] = pieces.chassis ?? []
  if (!chassis) return []
  const fronts = frontsOf(pieces)
  const openings = placeInOpenings(pieces)
  const blocks = blocksOf(chassis, { leftMm: 0, topMm: 0 }, false)
  for (const cage of pieces.cage ?? []) {
    const [first] = openings.get(cage.id) ?? []
    if (first) blocks.push(...blocksOf(cage, first, false))
  }
  for (const enclosure of pieces.enclosure ?? []) {
    const front = fronts.find(({ partId }) => partId === enclosure.id)
    if (front) blocks.push(...blocksOf(enclosure, { leftMm: 0, topMm: front.topMm }, true, front))
  }
  return blocks
}

function blocksOf(
  { id, offers }: Piece,
  corner: { leftMm: number; topMm: number },
  isOutside: boolean,
  front?: Front,
): BayBlock[] {
  let first = 1
  return offers
    .filter((offer) => offer.kind === 'bay')
    .map(({ at, ...offer }, index) => {
      const { formFactor, access, backplane, rows, columns, bayWidthMm, bayHeightMm, gapMm } = offer
      const count = rows * columns
      const from = first
      first += count
      const { leftMm, topMm } = at ?? (front ? middleOf(front, offer) : { leftMm: 0, topMm: 0 })
      return {
        formFactor,
        access,
        backplane,
        rows,
        columns,
        bayWidthMm,
        bayHeightMm,
        gapMm,
        pieceId: id,
        number: index + 1,
        bayIds: Array.from({ length: count }, (_, bay) => bayIdOf(id, from + bay)),
        leftMm: corner.leftMm + leftMm,
        topMm: corner.topMm + topMm,
        isOutside,
      }
    })
}

function middleOf(
  front: Front,
  { rows, columns, bayWidthMm, bayHeightMm, gapMm }: Omit<BaysOffer, 'at'>,
): { leftMm: number; topMm: number } {
  const wide = columns * (bayWidthMm + gapMm) - gapMm
  const high = rows * (bayHeightMm + gapMm) - gapMm
  return {
    leftMm: Math.max(0, (front.widthMm - wide) / 2),
    topMm: Math.max(0, (front.heightMm - high) / 2),
  }
}

/**
 * Every bay of some blocks, in reading order, block by block, in millimetres from the front's upper left corner.
 *
 * The first of the case is `chassis-1/1`, number 1, in row 1 and column 1.
 */
export function baysOf(blocks: readonly BayBlock[]): Bay[] {
  const enclosures = [
    ...new Set(blocks.flatMap(({ isOutside, pieceId }) => (isOutside ? [pieceId] : []))),
  ]
  const countOf = new Map<PieceId, number>()
  return blocks.flatMap((block, blockIndex) => {
    const { pieceId, rows, columns, bayWidthMm, bayHeightMm, gapMm } = block
    const before = countOf.get(pieceId) ?? 0
    countOf.set(pieceId, before + rows * columns)
    return block.bayIds.map((id, at): Bay => {
      const [row, column] = [Math.floor(at / columns), at % columns]
      return {
        id,
        pieceId,
        number: before + at + 1,
        blockIndex,
        enclosureIndex: block.isOutside ? enclosures.indexOf(pieceId) : null,
        row: row + 1,
        column: column + 1,
        rows,
        columns,
        formFactor: block.formFactor,
        access: block.access,
        leftMm: block.leftMm + column * (bayWidthMm + gapMm),
        topMm: block.topMm + row * (bayHeightMm + gapMm),
        widthMm: bayWidthMm,
        heightMm: bayHeightMm,
      }
    })
  })
}
