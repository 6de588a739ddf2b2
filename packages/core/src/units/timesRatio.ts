/**
 * Whole minor units times a ratio, rounded to the nearest, halves away from 0. Exact however large they are, since
 * amounts times rates are more than a double holds.
 *
 * @param by counts as it is written in decimals, not as the double next to it
 * @example timesRatio(1000, 19, 119) // 160
 */
export function timesRatio(minor: number, by: number, over = 1): number {
  const numerator = BigInt(minor) * scaled(by)
  const denominator = scaled(over)
  const isNegative = numerator < 0n
  const twice = (isNegative ? -numerator : numerator) * 2n + denominator
  const rounded = Number(twice / (denominator * 2n))
  return isNegative && rounded !== 0 ? -rounded : rounded
}

/** Digits after the point that the scaled figures keep. */
const SCALE = 20
/** Digits of a double that can be trusted. */
const TRUSTED = 15

/** The figure times 10 to the power of the scale, with those digits that it was written with. */
function scaled(value: number): bigint {
  if (value === 0) return 0n
  const before = Math.floor(Math.log10(Math.abs(value))) + 1
  const digits = Math.min(SCALE, Math.max(0, TRUSTED - before))
  const [whole = '0', part = ''] = value.toFixed(digits).split('.')
  return BigInt(whole + part.padEnd(SCALE, '0'))
}
