import { GIB } from '../units/bytes'

/** Seconds between two flushes. Source: OpenZFS module parameter zfs_txg_timeout, 5 by default. */
export const FLUSH_SECONDS = 5
/** Flushes that may be under way or waiting at once. Common practice, no source. */
const FLUSHES = 3
/**
 * Writes that may wait in memory: a tenth of it, 4 GiB at most.
 * Source: OpenZFS module parameters zfs_dirty_data_max_percent and zfs_dirty_data_max_max.
 */
const DIRTY_SHARE = 0.1
const MOST_DIRTY_BYTES = 4 * GIB

/** Writes that may wait in memory before writers are held up. */
export const dirtyLimitBytes = (memoryBytes: number): number =>
  Math.min(Math.floor(memoryBytes * DIRTY_SHARE), MOST_DIRTY_BYTES)

/** What a write log wants, by each of two schools; null where what it depends on is not known. */
export interface WriteLogSizes {
  /** What can come in between flushes, bounded by what may wait in memory. */
  byRateBytes: number | null
  /** Half of the memory. */
  byMemoryBytes: number | null
}

/**
 * How large must a write log be?
 *
 * It only holds what is not in the pool yet. The two schools differ by a factor of ten; the first one is what is used.
 *
 * @param bytesPerSecond the quickest that writes can come in; null where no network port is known
 * @param memoryBytes null without modules
 * @example writeLogSizes(125e6, 16 * 2 ** 30).byRateBytes // 1717986918: 1.875 GB may not wait in 16 GiB
 */
export function writeLogSizes(
  bytesPerSecond: number | null,
  memoryBytes: number | null,
): WriteLogSizes {
  const limit = memoryBytes === null ? MOST_DIRTY_BYTES : dirtyLimitBytes(memoryBytes)
  return {
    byRateBytes:
      bytesPerSecond === null ? null : Math.min(bytesPerSecond * FLUSH_SECONDS * FLUSHES, limit),
    byMemoryBytes: memoryBytes === null ? null : memoryBytes / 2,
  }
}
