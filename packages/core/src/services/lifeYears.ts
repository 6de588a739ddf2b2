import type { Band } from '../units/band'
import { DAYS_PER_YEAR } from '../units/time'

/** How much more flash writes inside than it is told to. Common practice, no source: hardly more for long files, several times as much for small scattered ones. */
export const WRITE_AMPLIFICATION = { low: 1, likely: 2, high: 4 } as const

/**
 * How long does flash last at what is written to it?
 *
 * Rated bytes are what the maker warrants (TBW); many devices go on for longer, which nobody promises.
 *
 * @param enduranceBytes that may be written in its life
 * @param writtenBytesPerDay as the file system writes them, before what flash adds inside
 * @param wornShare of its life that is used up, 0 to 1, as SMART tells it
 * @returns null where nothing is written
 * @example lifeYears(40e12, 55e9, 0)?.high.toFixed(2) // '1.99'
 */
export function lifeYears(
  enduranceBytes: number,
  writtenBytesPerDay: number,
  wornShare: number,
): Band | null {
  if (writtenBytesPerDay <= 0) return null
  const left = enduranceBytes * Math.max(0, 1 - wornShare)
  const years = (amplification: number): number =>
    left / (writtenBytesPerDay * amplification * DAYS_PER_YEAR)
  const { low, likely, high } = WRITE_AMPLIFICATION
  return { low: years(high), likely: years(likely), high: years(low) }
}
