import { minorPerMajor } from '@flint/core/drawing'
import { atTheDoor, type PriceEffect, type PriceFigures, UNUSUAL_SHARE } from '@flint/core/figures'
import { format } from '../controls/locale'

/** What prices of one condition come to: "New: last €189.00, lowest €179.00 on 2026-10-02, median €195.00, falling by €4 a month." */
export function priceWords(figures: PriceFigures, currency: string): string {
  const { last, lowest, medianMinor, trendMinorPerMonth, isUnusuallyLow, isAtTarget } = figures
  const money = (minor: number): string => format.money(Math.round(minor), currency)
  const parts = [
    `${upperFirst(last.condition)}: last ${money(atTheDoor(last))}`,
    `lowest ${money(atTheDoor(lowest))} on ${lowest.seenOn}`,
    `median ${money(medianMinor)}`,
    ...trendWords(trendMinorPerMonth, currency),
  ]
  const verdicts = [
    ...(isAtTarget === true ? ['At or below the target.'] : []),
    ...(isUnusuallyLow
      ? [`Unusually low: ${format.percent(UNUSUAL_SHARE)} or more below the median.`]
      : []),
  ]
  return [`${parts.join(', ')}.`, ...verdicts].join(' ')
}

/** What a price does to a budget: "comes under it", "still €120 over it". */
export function effectWords({ now, then }: PriceEffect, currency: string): string {
  if (then.budget === null) return 'none set'
  if (then.overMinor !== null) {
    const [over] = format.apart(then.overMinor, 0, (minor, digits = 0) =>
      format.moneyTo(minor, currency, digits),
    )
    return now.overMinor === null ? `${over} over it then` : `still ${over} over it`
  }
  if (now.overMinor !== null && then.budget === 'kept') return 'comes under it'
  return then.budget === 'kept' ? 'kept, as now' : then.budget
}

const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Less than this a month is no trend, in major units. */
const LEAST = 0.5

function trendWords(minorPerMonth: number | null, currency: string): string[] {
  if (minorPerMonth === null) return []
  const text = format.roundMoney(Math.abs(minorPerMonth), currency)
  if (Math.abs(minorPerMonth) < LEAST * minorPerMajor(currency)) return ['steady']
  return [`${minorPerMonth < 0 ? 'falling' : 'rising'} by ${text} a month`]
}
