import type { ChassisSheet } from './kinds/chassis'

export interface Bay {
  /** Stable within a chassis: `bay-1`, `bay-2`, … in reading order, block by block. */
  id: string
  number: number
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
 * Where is every bay of a chassis, in millimetres from the front's upper left corner?
 *
 * @example baysOf(twelveBayChassis)[0] // { id: 'bay-1', number: 1, row: 1, column: 1, … }
 */
export function baysOf(chassis: ChassisSheet): Bay[] {
  const bays: Bay[] = []
  for (const block of chassis.bayBlocks) {
    for (let row = 0; row < block.rows; row += 1) {
      for (let column = 0; column < block.columns; column += 1) {
        const number = bays.length + 1
        bays.push({
          id: `bay-${number}`,
          number,
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
  return bays
}
