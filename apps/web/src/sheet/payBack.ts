import type { Evaluation } from '@flint/core/figures'
import { format } from '../controls/locale'

type YearlyFigures = Pick<Evaluation, 'power' | 'cost'>

const MONTHS = 12
/** Beyond this nobody waits for it. */
const LONG_YEARS = 20
/** Less than this a year is nobody's reason, in minor units. */
const LEAST_MINOR = 50

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
  if (costMinor <= 0) return change
  const years = costMinor / savedMinor
  const time =
    years > LONG_YEARS
      ? `never paid back in ${LONG_YEARS} years`
      : years < 3
        ? `paid back in ${format.counted(Math.ceil(years * MONTHS), 'month')}`
        : `paid back in ${format.number(years, 1)} years`
  return `${change}, ${time}`
}

/** Watts that the mean of a week changes by, with what that does to the power of a year: "−3.1 W, €8 a year less". */
export function wattsChangeText(before: YearlyFigures, after: YearlyFigures): string {
  const [was, would] = [before.power.mean, after.power.mean]
  const money = payBackText(before, after)
  if (!was || !would || money === '') return ''
  const change = would.likely - was.likely
  return `${change < 0 ? '−' : '+'}${format.watts(Math.abs(change), 1)}, ${money}`
}
