import { TB } from '../units/bytes'
import type { CostFigure } from './billOfMaterials'

/** Money for each terabyte of drives as sold, of usable space and of space to work with; null where there is none. */
export interface PricePerTerabyte {
  rawMinor: number | null
  usableMinor: number | null
  workingMinor: number | null
  /** The drives alone, for each terabyte as sold; null where none is bought with a price. */
  drivesMinor: number | null
}

/**
 * What does a terabyte cost?
 *
 * All that is bought counts, so that what a design already owns makes it cheap: of drives alone there is a figure too.
 *
 * @param drives what is paid for each drive that is bought, and what it holds
 * For example 1,200.00 for 16 TB as sold and 12 TB to use: 75.00 and 100.00.
 */
export function pricePerTerabyte(
  { total }: Pick<CostFigure, 'total'>,
  {
    rawBytes,
    availableBytes,
    workingBytes,
  }: {
    rawBytes: number
    availableBytes: number
    workingBytes: number
  },
  drives: readonly { minor: number; bytes: number }[],
): PricePerTerabyte {
  const per = (minor: number, bytes: number): number | null =>
    bytes > 0 ? (minor * TB) / bytes : null
  const sum = (of: (drive: { minor: number; bytes: number }) => number): number =>
    drives.reduce((all, drive) => all + of(drive), 0)
  return {
    rawMinor: per(total.likely, rawBytes),
    usableMinor: per(total.likely, availableBytes),
    workingMinor: per(total.likely, workingBytes),
    drivesMinor: per(
      sum(({ minor }) => minor),
      sum(({ bytes }) => bytes),
    ),
  }
}
