import { straightLine } from '../units/straightLine'
import { daysBetween } from './daysBetween'
import { atTheDoor, type PriceObservation } from './priceObservation'

/** Fewer prices than this say nothing about what is unusual. */
export const LEAST_FOR_UNUSUAL = 5
/** How far below the median of the window a price is unusually low. Common practice, no source. */
export const UNUSUAL_SHARE = 0.15

export interface PriceFigures<Seen extends PriceObservation = PriceObservation> {
  count: number
  lowest: Seen
  last: Seen
  /** Of all prices with shipping, in minor units. */
  medianMinor: number
  /** Change in thirty days along the straight line that lies nearest to all of them; null with fewer than two days. */
  trendMinorPerMonth: number | null
  /** Whether the last one is a good deal lower than usual: by the share below the median, and at least five prices. */
  isUnusuallyLow: boolean
  /** Whether the last one is at or below the target; null without one. */
  isAtTarget: boolean | null
}

const DAYS_PER_MONTH = 30

/**
 * What do the prices of a part within a window come to?
 *
 * Prices count with their shipping as far as that is known, in one currency. Source of the trend: the line of least
 * squares, any handbook of statistics.
 *
 * @param observations of one part in one currency; of those of one day the newest first, as they are listed
 * @param from the first day that counts; null for all
 * @param targetMinor what the builder waits for, with shipping; null for none
 * @returns null where there is none
 * For example 200, 190, 180 at intervals of thirty days fall by 10 a month; the median is 190.
 */
export function priceFigures<Seen extends PriceObservation>(
  observations: readonly Seen[],
  from: string | null,
  targetMinor: number | null,
): PriceFigures<Seen> | null {
  const inWindow = observations
    .filter(({ seenOn }) => from === null || seenOn >= from)
    .toReversed()
    .toSorted((one, other) => (one.seenOn < other.seenOn ? -1 : one.seenOn > other.seenOn ? 1 : 0))
  const [first] = inWindow
  const last = inWindow.at(-1)
  if (!first || !last) return null
  const doors = inWindow.map(atTheDoor)
  const medianMinor = median(doors)
  return {
    count: inWindow.length,
    lowest: inWindow.reduce((low, one) => (atTheDoor(one) < atTheDoor(low) ? one : low), first),
    last,
    medianMinor,
    trendMinorPerMonth: trend(inWindow),
    isUnusuallyLow:
      inWindow.length >= LEAST_FOR_UNUSUAL && atTheDoor(last) <= medianMinor * (1 - UNUSUAL_SHARE),
    isAtTarget: targetMinor === null ? null : atTheDoor(last) <= targetMinor,
  }
}

function median(values: readonly number[]): number {
  const sorted = values.toSorted((one, other) => one - other)
  const middle = sorted.length >> 1
  const upper = sorted[middle] ?? 0
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] ?? 0) + upper) / 2
}

/** The slope of the line of least squares through days and prices, for thirty days. */
function trend(observations: readonly PriceObservation[]): number | null {
  const origin = observations[0]?.seenOn ?? ''
  const line = straightLine(
    observations.map((one) => ({ x: daysBetween(origin, one.seenOn), y: atTheDoor(one) })),
  )
  return line ? line.slope * DAYS_PER_MONTH : null
}
