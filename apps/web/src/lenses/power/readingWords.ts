import type { AgainstPlan } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { bandWords, wattWords } from './wattWords'

/** How one figure of a meter stands to what was expected. */
export function readingWords({
  measuredWatts,
  expected,
  differenceWatts,
  stands,
}: AgainstPlan): string {
  const measured = format.watts(measuredWatts, 1)
  const band = bandWords(expected)
  const plan = `${wattWords(expected)}${band === '' ? '' : ` (${band})`}`
  if (stands === 'within') return `${measured} is within what is expected: ${plan}.`
  if (stands === 'not known') {
    return `${measured} against ${plan}: the plan is not known whole, so nobody can say whether that is too much.`
  }
  const difference = format.watts(Math.abs(differenceWatts), 1)
  const more = stands === 'above' ? 'more' : 'less'
  return `△ ${measured} is ${difference} ${more} than is likely, and outside what is expected: ${plan}.`
}
