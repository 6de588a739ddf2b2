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
  /** Those of them that hold a tray with bays of its own, and so no drive. */
  trayBayIds: readonly BayId[]
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
 * A cage that finds too few openings, or a tray in no bay, gives no bays; what is said about that is another question.
 * Bays without a place of their own are in the middle of the front of their piece.
 *
 * @param bayOfTray the bay that each tray is in
 */
export function bayBlocksOf(
  pieces: PiecesByKind,
  bayOfTray: ReadonlyMap<PieceId, BayId>,
): BayBlock[] {
  const [chassis] = pieces.chassis ?? []
  if (!chassis) return []
  const fronts = frontsOf(pieces)
  const openings = placeInOpenings(pieces)
  const trayBays = new Set(bayOfTray.values())
  const blocks = blocksOf(chassis, { leftMm: 0, topMm: 0 }, false).map((block): BayBlock => ({
    ...block,
    trayBayIds: takesTray(block) ? block.bayIds.filter((id) => trayBays.has(id)) : [],
  }))
  const ofCase = new Map(
    blocks.flatMap((block) =>
      placesOf(block).flatMap((place) =>
        block.trayBayIds.includes(place.id) ? [[place.id, place] as const] : [],
      ),
    ),
  )
  for (const cage of pieces.cage ?? []) {
    const bay = ofCase.get(bayOfTray.get(cage.id) ?? '')
    const [first] = openings.get(cage.id) ?? []
    if (bay) blocks.push(...blocksOf(cage, bay, false).map((block) => turnedInto(block, bay)))
    else if (first) blocks.push(...blocksOf(cage, first, false))
  }
  for (const enclosure of pieces.enclosure ?? []) {
    const front = fronts.find(({ partId }) => partId === enclosure.id)
    if (front) blocks.push(...blocksOf(enclosure, { leftMm: 0, topMm: front.topMm }, true, front))
  }
  return blocks
}

/** A tray leads the plugs of its drives out behind it, where a backplane would be in the way. */
export const takesTray = ({ formFactor, backplane }: Pick<BayBlock, 'formFactor' | 'backplane'>) =>
  formFactor === '3.5' && backplane === null

/** The bays of a tray lie as the bay that it is in: on their sides in one that stands. */
function turnedInto(block: BayBlock, { widthMm, heightMm }: BayPlace): BayBlock {
  if (heightMm <= widthMm) return block
  const { rows, columns, bayWidthMm, bayHeightMm } = block
  return {
    ...block,
    rows: columns,
    columns: rows,
    bayWidthMm: bayHeightMm,
    bayHeightMm: bayWidthMm,
  }
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
        trayBayIds: [],
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

/** Where a bay of a block is. */
interface BayPlace {
  id: BayId
  /** Row and column within its block, counted from 1. */
  row: number
  column: number
  leftMm: number
  topMm: number
  widthMm: number
  heightMm: number
}

function placesOf({
  bayIds,
  columns,
  leftMm,
  topMm,
  bayWidthMm,
  bayHeightMm,
  gapMm,
}: BayBlock): BayPlace[] {
  return bayIds.map((id, at) => {
    const [row, column] = [Math.floor(at / columns), at % columns]
    return {
      id,
      row: row + 1,
      column: column + 1,
      leftMm: leftMm + column * (bayWidthMm + gapMm),
      topMm: topMm + row * (bayHeightMm + gapMm),
      widthMm: bayWidthMm,
      heightMm: bayHeightMm,
    }
  })
}

/**
 * Every bay of some blocks that can hold a drive, in reading order, block by block, in millimetres from the front's upper left corner.
 *
 * The first of the case is `chassis-1/1`, number 1, in row 1 and column 1.
 */
export function baysOf(blocks: readonly BayBlock[]): Bay[] {
  const enclosures = [
    ...new Set(blocks.flatMap(({ isOutside, pieceId }) => (isOutside ? [pieceId] : []))),
  ]
  const countOf = new Map<PieceId, number>()
  return blocks.flatMap((block, blockIndex) => {
    const { pieceId, rows, columns, formFactor, access, trayBayIds } = block
    const before = countOf.get(pieceId) ?? 0
    countOf.set(pieceId, before + rows * columns)
    const enclosureIndex = block.isOutside ? enclosures.indexOf(pieceId) : null
    return placesOf(block).flatMap((place, at): Bay[] => {
      if (trayBayIds.includes(place.id)) return []
      const { id, row, column, leftMm, topMm, widthMm, heightMm } = place
      const of = { pieceId, number: before + at + 1, blockIndex, enclosureIndex }
      const where = { row, column, rows, columns, leftMm, topMm, widthMm, heightMm }
      return [{ id, ...of, ...where, formFactor, access }]
    })
  })
}
