import { DAYS_PER_YEAR } from '../units/time'
import { straightLine } from '../units/straightLine'

/** How full a pool was at some time. */
export interface FillPoint {
  /** As ISO 8601 has it. */
  at: string
  usedBytes: number
  sizeBytes: number
}

export interface FillTrend {
  usedBytes: number
  sizeBytes: number
  /** Less than 0 where it gets emptier. */
  bytesPerYear: number
  /** From the last point until it is full; null where it never is. */
  fullInYears: number | null
}

const MS_PER_DAY = 86_400_000

/**
 * When is a pool full, if it goes on filling as it did?
 *
 * The straight line that lies nearest to all points, from where the pool is now; the size is that of the last point, as
 * a pool may have grown.
 *
 * @param points in any order
 * @returns null with fewer than two points in time
 * For example 10 TB in January and 12 TB half a year later of 20 TB: 4 TB a year, full in two years.
 */
export function fillTrend(points: readonly FillPoint[]): FillTrend | null {
  const ordered = points.toSorted((one, other) => (one.at < other.at ? -1 : 1))
  const [first, last] = [ordered[0], ordered.at(-1)]
  if (!first || !last) return null
  const origin = Date.parse(first.at)
  const line = straightLine(
    ordered.map(({ at, usedBytes }) => ({
      x: (Date.parse(at) - origin) / MS_PER_DAY,
      y: usedBytes,
    })),
  )
  if (!line) return null
  const bytesPerYear = line.slope * DAYS_PER_YEAR
  const left = Math.max(0, last.sizeBytes - last.usedBytes)
  return {
    usedBytes: last.usedBytes,
    sizeBytes: last.sizeBytes,
    bytesPerYear,
    fullInYears: bytesPerYear > 0 ? left / bytesPerYear : null,
  }
}
