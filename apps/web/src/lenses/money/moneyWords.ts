import type { Amount, Assumption, BillGrouping, BillLine, BreakEven } from '@flint/core/figures'
import type { AlternativeKind, Rise } from '@flint/core/editing'
import { format } from '../../controls/locale'

export const GROUPING_WORDS: Record<BillGrouping, string> = {
  when: 'when they are bought',
  shop: 'shop',
}

export const KIND_WORDS: Record<AlternativeKind, string> = {
  subscriptions: 'Subscriptions',
  'rented space': 'Rented space',
  'bought box': 'A bought box',
  'present machine': 'Keeping the present machine',
}

export const RISE_WORDS: Record<Rise, string> = {
  'yearly steps': 'once a year',
  smooth: 'a little each month',
}

export const ASSUMPTION_WORDS: Record<Assumption, string> = {
  'own once': 'what the machine costs',
  'own running': 'what it costs to run',
  'other running': 'what the other costs a month',
  'other rise': 'how the other rises',
  'own rise': 'how power rises',
}

/** Money with what is missing of it: "at least €1,200". */
export function moneyAmount({ low, likely, missing }: Amount, currency: string): string {
  return missing.length > 0
    ? `at least ${format.money(Math.round(low), currency)}`
    : format.money(Math.round(likely), currency)
}

/** What stands for a line that is not counted, or the sum of one that is. */
export function lineSum({ standing, sumMinor }: BillLine, currency: string): string {
  switch (standing) {
    case 'counted':
      return sumMinor === null ? 'not known' : format.money(sumMinor, currency)
    case 'no price':
      return 'price not known'
    case 'other currency':
      return 'no rate'
    default:
      return standing
  }
}

/** "3 years and 2 months", "8 months". */
export function monthsText(months: number): string {
  const [years, rest] = [Math.floor(months / 12), months % 12]
  const parts = [
    ...(years > 0 ? [format.counted(years, 'year')] : []),
    ...(rest > 0 || years === 0 ? [format.counted(rest, 'month')] : []),
  ]
  return parts.join(' and ')
}

/** When it has paid for itself, or what would have to be true for it to do so. */
export function breakEvenText(
  { month, neededPerMonthMinor }: BreakEven,
  months: number,
  currency: string,
): string {
  if (month === 0) return 'The machine costs no more from the first day.'
  if (month !== null) return `The machine has cost no more after ${monthsText(month)}.`
  const never = `Not within ${monthsText(months)}`
  return neededPerMonthMinor === null
    ? `${never}.`
    : `${never}; it would be, if the other cost ${format.money(Math.ceil(neededPerMonthMinor), currency)} a month.`
}

/**
 * What the other drive may fail before it costs as much.
 * @param percent of a hundred that would have to fail each year; null where it costs as much anyway
 */
export function evenWords(percent: number | null, assumedPercent: number): string {
  if (percent === null) return 'The other costs as much or more, even if none of it ever fails.'
  const text = `${format.number(percent, 1)} of a hundred`
  return percent > assumedPercent
    ? `The other is the cheaper one until ${text} fail in a year.`
    : `The other is the dearer one: it would have to fail less than ${text} in a year.`
}
