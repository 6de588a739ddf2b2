import { GB } from './bytes'

const SECTOR_BYTES = 512

/**
 * How many bytes does a drive sold with this many gigabytes really have?
 *
 * Up to 8,000 GB the industry counts sectors by one straight line; above that it rounds the decimal
 * size up to a whole number of 2^21 sectors (1 GiB).
 *
 * @param gigabytes decimal gigabytes on the label, 50 or more
 * @returns bytes
 * @throws RangeError below 50 GB, where the line is not defined
 * Source: IDEMA LBA1-03 for the line; SFF-8447 for the larger sizes (the latter from memory).
 * @example driveBytesAsSold(4000)  // 4000787030016
 * @example driveBytesAsSold(16000) // 16000900661248
 */
export function driveBytesAsSold(gigabytes: number): number {
  if (!(gigabytes >= 50)) throw new RangeError('The size on the label must be 50 GB or more.')
  if (gigabytes <= 8000) {
    return (97_696_368 + 1_953_504 * Math.round(gigabytes - 50)) * SECTOR_BYTES
  }
  const step = 2 ** 21
  const sectors = Math.ceil((gigabytes * GB) / SECTOR_BYTES / step) * step
  return sectors * SECTOR_BYTES
}
