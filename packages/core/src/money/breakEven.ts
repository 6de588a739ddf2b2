import { type CostStream, spentBy, spentByAll } from './costStream'

/** Longer than anyone keeps a machine: fifty years. */
export const MOST_MONTHS = 600

export interface BreakEven {
  /** The first month at whose end the machine has cost no more than what it stands against; null for never in this time. */
  month: number | null
  /** What both have cost by the end of each month, from the start. */
  curve: { month: number; ownMinor: number; otherMinor: number }[]
  /** What the other would have to cost a month, in the first year, to cross in the last month of this time; null where nothing would do. */
  neededPerMonthMinor: number | null
}

/**
 * When has the machine cost no more than what it stands against?
 *
 * @param own what the machine costs
 * @param other what it stands against; its first stream is the one whose monthly price is asked about
 * @param months how far to look, at most fifty years
 * 3,600 at once and 6 a month against 1,294 a year: after 36 months; with 6 % more each year, in yearly steps, after 34.
 */
export function breakEven(
  own: readonly CostStream[],
  other: readonly CostStream[],
  months: number,
): BreakEven {
  const end = Math.min(MOST_MONTHS, Math.max(0, Math.round(months)))
  const curve = Array.from({ length: end + 1 }, (_, month) => ({
    month,
    ownMinor: spentByAll(own, month),
    otherMinor: spentByAll(other, month),
  }))
  return {
    month: curve.find(({ ownMinor, otherMinor }) => ownMinor <= otherMinor)?.month ?? null,
    curve,
    neededPerMonthMinor: neededPerMonth(own, other, end),
  }
}

function neededPerMonth(
  own: readonly CostStream[],
  [asked, ...rest]: readonly CostStream[],
  months: number,
): number | null {
  if (!asked) return null
  const perUnit = spentBy({ ...asked, onceMinor: 0, perMonthMinor: 1 }, months)
  const needed = (spentByAll(own, months) - asked.onceMinor - spentByAll(rest, months)) / perUnit
  // Within no months nothing per month makes up for anything.
  return Number.isFinite(needed) ? Math.max(0, needed) : null
}
