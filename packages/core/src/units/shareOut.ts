import { allocate, dinero, toSnapshot } from 'dinero.js/bigint'

/** Sharing out does not depend on the currency: ISO 4217's code for none. */
const NO_CURRENCY = { code: 'XXX', base: 10n, exponent: 2n } as const

/**
 * Shares of an amount by weight, in whole minor units that add up to it exactly. What rounding leaves goes to the
 * first of them; without any weight all shares are alike.
 *
 * @param minor whole minor units, below 0 for what is taken off
 * @param weights 0 or more, whole
 * @example shareOut(1003, [1, 1, 1]) // [335, 334, 334]
 */
export function shareOut(minor: number, weights: readonly number[]): number[] {
  if (weights.length === 0) return []
  const some = weights.some((weight) => weight > 0) ? weights : weights.map(() => 1)
  const whole = dinero({ amount: BigInt(minor), currency: NO_CURRENCY })
  return allocate(whole, some.map(BigInt)).map((share) => Number(toSnapshot(share).amount))
}
