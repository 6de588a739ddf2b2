import type { CageSheet } from './kinds/cage'
import type { ChassisSheet } from './kinds/chassis'
import type { EnclosureSheet } from './kinds/enclosure'

export interface Block extends BayBlock {
  /** Which enclosure beside the machine it is in, counted from 0; null for one in its own front. */
  enclosureIndex: number | null
}

type BayBlock = ChassisSheet['bayBlocks'][number]

export interface Bay {
  /** Stable within a chassis: `bay-1`, `bay-2`, … in reading order, block by block. */
  id: string
  number: number
  /** Which block of the front it belongs to, counted from 0; the bays of one share a backplane. */
  blockIndex: number
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

/** Between the front of the machine and that of an enclosure under it, and between two enclosures. For the drawing only. */
const BETWEEN_FRONTS_MM = 18

/**
 * Where is the front of each enclosure drawn, measured like everything else from the machine's upper left
 * corner? They stand one under the other, under the machine.
 */
export function enclosureFrontsOf(
  { heightMm }: Pick<ChassisSheet, 'heightMm'>,
  enclosures: readonly Pick<EnclosureSheet, 'widthMm' | 'heightMm'>[],
): { topMm: number; widthMm: number; heightMm: number }[] {
  let topMm = heightMm
  return enclosures.map((enclosure) => {
    const front = { topMm: topMm + BETWEEN_FRONTS_MM, ...size(enclosure) }
    topMm = front.topMm + front.heightMm
    return front
  })
}

const size = ({ widthMm, heightMm }: Pick<EnclosureSheet, 'widthMm' | 'heightMm'>) => ({
  widthMm,
  heightMm,
})

/**
 * Which blocks of bays are there: those of the front, those of cages in its wide openings, those of
 * enclosures beside it?
 *
 * Cages go into the openings from the top down, each into as many as it fills. One that finds too few
 * left gives no bays; what is said about that is another question. The bays of an enclosure are in the
 * middle of its front.
 */
export function bayBlocksOf(
  chassis: ChassisSheet,
  cages: readonly CageSheet[] = [],
  enclosures: readonly EnclosureSheet[] = [],
): Block[] {
  const blocks: Block[] = chassis.bayBlocks.map((block) => ({ ...block, enclosureIndex: null }))
  let nextOpening = 0
  for (const cage of cages) {
    const opening = chassis.openings525?.[nextOpening]
    const last = chassis.openings525?.[nextOpening + cage.openings - 1]
    if (!opening || !last) continue
    nextOpening += cage.openings
    const { leftMm, topMm } = opening
    blocks.push({ ...gridOf(cage), leftMm, topMm, enclosureIndex: null })
  }
  const fronts = enclosureFrontsOf(chassis, enclosures)
  enclosures.forEach((enclosure, enclosureIndex) => {
    const front = fronts[enclosureIndex]
    if (!front) return
    const { rows, columns, bayWidthMm, bayHeightMm, gapMm } = enclosure
    const wide = columns * (bayWidthMm + gapMm) - gapMm
    const high = rows * (bayHeightMm + gapMm) - gapMm
    blocks.push({
      ...gridOf(enclosure),
      leftMm: Math.max(0, (front.widthMm - wide) / 2),
      topMm: front.topMm + Math.max(0, (front.heightMm - high) / 2),
      enclosureIndex,
    })
  })
  return blocks
}

function gridOf(sheet: CageSheet | EnclosureSheet): Omit<BayBlock, 'leftMm' | 'topMm'> {
  const { formFactor, access, rows, columns, bayWidthMm, bayHeightMm, gapMm, backplane } = sheet
  return { formFactor, access, rows, columns, bayWidthMm, bayHeightMm, gapMm, backplane }
}

const kept = new WeakMap<ChassisSheet, Bay[]>()

/**
 * Where is every bay of a chassis, in millimetres from the front's upper left corner?
 *
 * @example baysOf(twelveBayChassis)[0] // { id: 'bay-1', number: 1, row: 1, column: 1, … }
 */
export function baysOf(
  chassis: ChassisSheet,
  cages: readonly CageSheet[] = [],
  enclosures: readonly EnclosureSheet[] = [],
): Bay[] {
  // Most cases have nothing added, and a data sheet never changes, so theirs are laid out once.
  const isPlain = cages.length === 0 && enclosures.length === 0
  const before = isPlain ? kept.get(chassis) : undefined
  if (before) return before
  const bays: Bay[] = []
  for (const [blockIndex, block] of bayBlocksOf(chassis, cages, enclosures).entries()) {
    for (let row = 0; row < block.rows; row += 1) {
      for (let column = 0; column < block.columns; column += 1) {
        const number = bays.length + 1
        bays.push({
          id: `bay-${number}`,
          number,
          blockIndex,
          enclosureIndex: block.enclosureIndex,
          row: row + 1,
          column: column + 1,
          rows: block.rows,
          columns: block.columns,
          formFactor: block.formFactor,
          access: block.access,
          leftMm: block.leftMm + column * (block.bayWidthMm + block.gapMm),
          topMm: block.topMm + row * (block.bayHeightMm + block.gapMm),
          widthMm: block.bayWidthMm,
          heightMm: block.bayHeightMm,
        })
      }
    }
  }
  if (isPlain) kept.set(chassis, bays)
  return bays
}
