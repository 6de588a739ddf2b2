import type { Rise } from '../design/money'
import { MONTHS_PER_YEAR } from '../units/time'

/** Money that goes out at the start and then every month, and rises. Amounts in minor units of one currency. */
export interface CostStream {
  onceMinor: number
  perMonthMinor: number
  /** How much a month costs more after a year, in percent; less than 0 where it falls. */
  risePercent: number
  rise: Rise
}

/**
 * What does a month cost?
 *
 * @param month from 1
 * With yearly steps the first twelve months cost the same, then all of the next twelve; smooth, each month costs the
 * twelfth root of the rise more than the one before.
 */
export function costInMonth(
  { perMonthMinor, risePercent, rise }: CostStream,
  month: number,
): number {
  const growth = 1 + risePercent / 100
  const years =
    rise === 'smooth' ? (month - 1) / MONTHS_PER_YEAR : Math.floor((month - 1) / MONTHS_PER_YEAR)
  return perMonthMinor * growth ** years
}

/**
 * What has gone out by the end of a month, the start included?
 *
 * The closed form of the sum of its months: a geometric series, by years and the months left over where it rises in
 * steps, by months where it rises smoothly. Source: the sum of a geometric series, any handbook of mathematics.
 *
 * @param months whole, 0 or more
 * For example 6 a month after 3,600 at once: 3,816 after 36 months.
 */
export function spentBy(stream: CostStream, months: number): number {
  const { onceMinor, perMonthMinor, risePercent, rise } = stream
  const growth = 1 + risePercent / 100
  if (growth === 1) return onceMinor + perMonthMinor * months
  if (rise === 'smooth') {
    const monthly = growth ** (1 / MONTHS_PER_YEAR)
    return onceMinor + (perMonthMinor * (monthly ** months - 1)) / (monthly - 1)
  }
  const years = Math.floor(months / MONTHS_PER_YEAR)
  const wholeYears = (MONTHS_PER_YEAR * (growth ** years - 1)) / (growth - 1)
  return onceMinor + perMonthMinor * (wholeYears + (months % MONTHS_PER_YEAR) * growth ** years)
}

/** Several streams together. */
export const spentByAll = (streams: readonly CostStream[], months: number): number =>
  streams.reduce((sum, stream) => sum + spentBy(stream, months), 0)
