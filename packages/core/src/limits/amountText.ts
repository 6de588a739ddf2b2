import type { Amount } from '../units/amount'
import { apart } from '../units/apart'

/**
 * The likely value of an amount beside a limit, with enough digits not to contradict it; "at least" what is known
 * when values are missing.
 * @example amountText(exactly(40.2, 'W'), 40, format.watts) // '40.2 W'
 */
export function amountText(
  { low, likely, missing }: Amount,
  limit: number,
  write: (value: number, digits?: number) => string,
): string {
  const [text] = apart(missing.length > 0 ? low : likely, limit, write)
  return missing.length > 0 ? `at least ${text}` : text
}

/** The same, with the whole band where the limit lies inside it. */
export function bandText(
  amount: Amount,
  limit: number,
  write: (value: number, digits?: number) => string,
): string {
  const { low, high, missing } = amount
  const text = amountText(amount, limit, write)
  const isInside = missing.length === 0 && low <= limit && limit < high
  return isInside ? `${text}, may be ${write(low)} to ${write(high)}` : text
}
