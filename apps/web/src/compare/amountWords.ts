import type { Amount } from '@flint/core/figures'
import { format } from '../controls/locale'

/** A figure of a design in its own unit, with its band where that is wider than what is shown. */
export function amountWords(amount: Amount | null, currency: string): string {
  if (amount === null) return 'not known'
  const { low, likely, high, missing, unit } = amount
  const write = (value: number): string => {
    switch (unit) {
      case 'B':
        return format.space(value)
      case 'W':
        return format.watts(value)
      case 'money':
        return format.roundMoney(value, currency)
      default:
        return format.number(value)
    }
  }
  if (missing.length > 0) return `at least ${write(low)}`
  return write(low) === write(high)
    ? write(likely)
    : `${write(likely)}, ${write(low)} to ${write(high)}`
}
