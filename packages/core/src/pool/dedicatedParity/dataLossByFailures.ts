import type { DedicatedParityPool } from './dedicatedParityCapacity'

/** What is lost for good when so many drives fail together. */
export interface DataLoss {
  failures: number
  /** When the failed ones are those that cost least, parity drives first. */
  leastBytes: number
  /** When they are the largest data drives. */
  mostBytes: number
}

/**
 * How much data is gone, by number of failures, where every drive is readable alone?
 *
 * Up to as many failures as there are parity drives nothing is lost. Beyond that parity helps with none of
 * them: what the failed data drives held is gone, and every other drive keeps its files.
 *
 * Two parity drives, data of 8, 4 and 4 TB, three failures: least 4, most 16 TB.
 */
export function dataLossByFailures({ parity, data }: DedicatedParityPool): DataLoss[] {
  const ascending = [...data].sort((one, other) => one - other)
  const firstOf = (sorted: readonly number[], count: number): number =>
    sorted.slice(0, Math.max(0, count)).reduce((sum, bytes) => sum + bytes, 0)
  const descending = [...ascending].reverse()
  return Array.from({ length: parity.length + data.length }, (_, index) => {
    const failures = index + 1
    if (failures <= parity.length) return { failures, leastBytes: 0, mostBytes: 0 }
    return {
      failures,
      leastBytes: firstOf(ascending, failures - parity.length),
      mostBytes: firstOf(descending, failures),
    }
  })
}
