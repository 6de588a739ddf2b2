import type { Traits } from '../layoutFamily'
import { streamRate } from '../streamRate'
import type { CandidateDrive } from './candidate'

/** How long a head takes to the right track on average. Common practice, no source: 8 to 9 ms. */
export const SEEK_SECONDS = 0.0085

/** Small reads of a flash drive on SATA. Common practice, no source: tens of thousands. */
export const FLASH_READS_PER_SECOND = 20_000

/**
 * How fast would it read? A first estimate: the drives alone, without controller, slot and network.
 *
 * Streams go at the rate of the slowest member, times the members that hold data of a file. A small read
 * of a disk waits for the head and half a turn; as many are answered at once as drives can answer apart.
 *
 * @param members drives that hold data; empty gives null
 * Source: common practice, no source.
 * @example
 * readRates([{ outerRateBytesPerSecond: 200e6, rpm: 5400 }], { streamingDrives: 3, randomDrives: 1 })
 *   .streamingBytesPerSecond
 * // 600e6
 */
export function readRates(
  members: readonly Omit<CandidateDrive, 'id'>[],
  { streamingDrives, randomDrives }: Pick<Traits, 'streamingDrives' | 'randomDrives'>,
): { streamingBytesPerSecond: number | null; randomReadsPerSecond: number | null } {
  const slowest = least(members.map((drive) => drive.outerRateBytesPerSecond))
  const reads = least(members.map(({ rpm }) => (rpm === null ? null : readsPerSecond(rpm))))
  return {
    streamingBytesPerSecond: slowest === null ? null : streamRate(slowest, streamingDrives),
    randomReadsPerSecond: reads === null ? null : Math.round(reads * randomDrives),
  }
}

/** At 7,200 a minute 78.9: 8.5 ms to the track and 4.17 ms for half a turn. */
function readsPerSecond(rpm: number): number {
  if (rpm === 0) return FLASH_READS_PER_SECOND
  return 1 / (SEEK_SECONDS + 30 / rpm)
}

/** The least of them; null when one is not known, or there are none. */
function least(values: readonly (number | null)[]): number | null {
  return values.reduce<number | null>(
    (found, value) => (found === null || value === null ? null : Math.min(found, value)),
    values.length > 0 ? Infinity : null,
  )
}
