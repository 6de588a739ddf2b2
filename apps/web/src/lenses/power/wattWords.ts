import type { Amount } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** An amount of watts as a table says it. */
export function wattWords(amount: Amount<'W'> | null): string {
  if (!amount) return 'not known'
  const least = amount.missing.length > 0 ? 'at least ' : ''
  return `${least}${format.watts(least === '' ? amount.likely : amount.low, amount.likely < 10 ? 1 : 0)}`
}

/** Its band; empty where there is none. */
export function bandWords(amount: Amount<'W'> | null): string {
  if (!amount || amount.missing.length > 0 || amount.low === amount.high) return ''
  const digits = amount.likely < 10 ? 1 : 0
  return `${format.number(amount.low, digits)} to ${format.watts(amount.high, digits)}`
}
