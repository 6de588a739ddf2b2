import type { CageSheet } from './kinds/cage'
import type { ChassisSheet } from './kinds/chassis'

type Block = ChassisSheet['bayBlocks'][number]

export interface Bay {
  /** Stable within a chassis: `bay-1`, `bay-2`, … in reading order, block by block. */
  id: string
  number: number
  /** Which block of the front it belongs to, counted from 0; the bays of one share a backplane. */
  blockIndex: number
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
 * Which blocks of bays does the front have, its own and those of cages in its wide openings?
 *
 * Cages go into the openings from the top down, each into as many as it fills. One that finds too few
 * left gives no bays; what is said about that is another question.
 */
export function bayBlocksOf(chassis: ChassisSheet, cages: readonly CageSheet[] = []): Block[] {
  const blocks = [...chassis.bayBlocks]
  let nextOpening = 0
  for (const cage of cages) {
    const opening = chassis.openings525?.[nextOpening]
    const last = chassis.openings525?.[nextOpening + cage.openings - 1]
    if (!opening || !last) continue
    nextOpening += cage.openings
    const { formFactor, access, rows, columns, bayWidthMm, bayHeightMm, gapMm, backplane } = cage
    const { leftMm, topMm } = opening
    const grid = { formFactor, access, rows, columns, bayWidthMm, bayHeightMm, gapMm, backplane }
    blocks.push({ ...grid, leftMm, topMm })
  }
  return blocks
}

const kept = new WeakMap<ChassisSheet, Bay[]>()

/**
 * Where is every bay of a chassis, in millimetres from the front's upper left corner?
 *
 * @example baysOf(twelveBayChassis)[0] // { id: 'bay-1', number: 1, row: 1, column: 1, … }
 */
export function baysOf(chassis: ChassisSheet, cages: readonly CageSheet[] = []): Bay[] {
  // Most cases have no cages, and a data sheet never changes, so theirs are laid out once.
  const before = cages.length === 0 ? kept.get(chassis) : undefined
  if (before) return before
  const bays: Bay[] = []
  for (const [blockIndex, block] of bayBlocksOf(chassis, cages).entries()) {
    for (let row = 0; row < block.rows; row += 1) {
      for (let column = 0; column < block.columns; column += 1) {
        const number = bays.length + 1
        bays.push({
          id: `bay-${number}`,
          number,
          blockIndex,
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
  if (cages.length === 0) kept.set(chassis, bays)
  return bays
}
