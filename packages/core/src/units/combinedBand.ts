import type { Band } from './band'

/**
 * What several quantities that are off independently of one another make together.
 *
 * Each is moved to its ends alone, and what that changes is added by squares: it is not to be expected that all are at
 * their worst at once. Source: combined uncertainty of independent inputs, Guide to the Expression of Uncertainty in
 * Measurement (from memory).
 * @param made of one value of each, 0 or more; it may rise with some and fall with others. The low end is 0 or more too:
 * where inputs are known badly the sum of squares would go beyond what can be.
 * @example combinedBand([{ low: 7, likely: 10, high: 13 }, { low: 6, likely: 10, high: 14 }], ([a = 0, b = 0]) => a + b).high // 25
 */
export function combinedBand(
  inputs: readonly Band[],
  made: (values: readonly number[]) => number,
): Band {
  const values = inputs.map(({ likely }) => likely)
  const likely = made(values)
  let [down, up] = [0, 0]
  inputs.forEach((input, index) => {
    const changes = [input.low, input.high].map((end) => made(values.with(index, end)) - likely)
    down += Math.min(0, ...changes) ** 2
    up += Math.max(0, ...changes) ** 2
  })
  return { low: Math.max(0, likely - Math.sqrt(down)), likely, high: likely + Math.sqrt(up) }
}
