import { type Evaluation, payBackMonths } from '@flint/core/figures'
import { format } from '../controls/locale'

type YearlyFigures = Pick<Evaluation, 'power' | 'cost'>

const MONTHS = 12
/** Shorter times are said in months. */
const SPELT_IN_MONTHS_YEARS = 3
/** Beyond this nobody waits for it. */
const LONG_YEARS = 20
/** Less than this a year is nobody's reason, in minor units. */
const LEAST_MINOR = 50

/** How long it takes: "paid back in 19 months". */
export function monthsToPayBack(months: number): string {
  const years = months / MONTHS
  if (years > LONG_YEARS) return `never paid back in ${LONG_YEARS} years`
  return years < SPELT_IN_MONTHS_YEARS
    ? `paid back in ${format.counted(months, 'month')}`
    : `paid back in ${format.number(years, 1)} years`
}

/** What a choice does to the power of every year: "€8 a year less". Empty where that is not known, or next to nothing. */
export function yearChangeText(moreMinor: number | null, currency: string): string {
  if (moreMinor === null || Math.abs(moreMinor) < LEAST_MINOR) return ''
  const money = `${format.roundMoney(Math.abs(moreMinor), currency)} a year`
  return moreMinor > 0 ? `${money} more` : `${money} less`
}

/**
 * What a choice does to the power of every year, and when it has paid for itself: "€8 a year less, paid back in 19
 * months". Empty where that is not known, or next to nothing.
 */
export function payBackText(before: YearlyFigures, after: YearlyFigures): string {
  const [was, would] = [before.power.costPerYear, after.power.costPerYear]
  if (!was || !would || was.missing.length > 0 || would.missing.length > 0) return ''
  const savedMinor = was.likely - would.likely
  const change = yearChangeText(-savedMinor, after.cost.currency)
  if (change === '' || savedMinor < 0) return change
  const costMinor = after.cost.total.likely - before.cost.total.likely
  const months = payBackMonths(costMinor, savedMinor)
  return months === 0 || months === null ? change : `${change}, ${monthsToPayBack(months)}`
}

/** Watts that the mean of a week changes by, with what that does to the power of a year: "−3.1 W, €8 a year less". */
export function wattsChangeText(before: YearlyFigures, after: YearlyFigures): string {
  const [was, would] = [before.power.mean, after.power.mean]
  const money = payBackText(before, after)
  if (!was || !would || money === '') return ''
  const change = would.likely - was.likely
  return `${change < 0 ? '−' : '+'}${format.watts(Math.abs(change), 1)}, ${money}`
}
