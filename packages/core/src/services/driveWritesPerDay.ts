import { DAYS_PER_YEAR } from '../units/time'

/**
 * How often may a device be written full on each day of its warranty (DWPD)?
 *
 * Source: JEDEC JESD218 defines both figures by the same life; from memory.
 *
 * @example driveWritesPerDay(600e12, 1e12, 5).toFixed(2) // '0.33'
 */
export function driveWritesPerDay(
  enduranceBytes: number,
  capacityBytes: number,
  warrantyYears: number,
): number {
  return enduranceBytes / (capacityBytes * warrantyYears * DAYS_PER_YEAR)
}

/**
 * What may be written in the whole of it (TBW), by drive writes a day.
 *
 * @example enduranceOf(1, 960e9, 5) // 1.7532e15
 */
export function enduranceOf(perDay: number, capacityBytes: number, warrantyYears: number): number {
  return perDay * capacityBytes * warrantyYears * DAYS_PER_YEAR
}
