import { minorPerMajor } from '@flint/core/drawing'
import { atTheDoor, type PriceFigures, UNUSUAL_SHARE } from '@flint/core/figures'
import { format } from '../controls/locale'

/** What prices come to: "Last €189.00, lowest €179.00 on 2026-10-02, median €195.00, falling by €4 a month." */
export function priceWords(figures: PriceFigures, currency: string): string {
  const { last, lowest, medianMinor, trendMinorPerMonth, isUnusuallyLow, isAtTarget } = figures
  const money = (minor: number): string => format.money(Math.round(minor), currency)
  const parts = [
    `Last ${money(atTheDoor(last))}`,
    `lowest ${money(atTheDoor(lowest))} on ${lowest.seenOn}`,
    `median ${money(medianMinor)}`,
    ...trendWords(trendMinorPerMonth, currency),
  ]
  const verdicts = [
    ...(isAtTarget === true ? ['At or below what you wait for.'] : []),
    ...(isUnusuallyLow
      ? [`Unusually low: ${format.percent(UNUSUAL_SHARE)} or more below the median.`]
      : []),
  ]
  return [`${parts.join(', ')}.`, ...verdicts].join(' ')
}

/** Less than this a month is no trend, in major units. */
const LEAST = 0.5

function trendWords(minorPerMonth: number | null, currency: string): string[] {
  if (minorPerMonth === null) return []
  const text = format.roundMoney(Math.abs(minorPerMonth), currency)
  if (Math.abs(minorPerMonth) < LEAST * minorPerMajor(currency)) return ['steady']
  return [`${minorPerMonth < 0 ? 'falling' : 'rising'} by ${text} a month`]
}
