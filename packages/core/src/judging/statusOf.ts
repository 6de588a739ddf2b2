import type { Amount } from '../units/amount'

/** What a limit allows at most, or wants at least; a value that equals it keeps it. */
export type Bound = { most: number } | { least: number }

/** `may be missed`: the band around the likely value reaches over the limit. */
export type LimitStatus = 'kept' | 'may be missed' | 'missed' | 'not known'

/**
 * How does an amount stand to a limit? The only place where a figure is compared with one.
 *
 * What is missing can only add, so an amount that is already over what is allowed stays so, and one that already
 * reaches what is wanted does too; otherwise nothing can be said.
 *
 * @example statusOf({ low: 26, likely: 28, high: 36, unit: 'W', missing: [] }, { most: 30 }) // 'may be missed'
 */
export function statusOf(
  { low, high, missing }: Pick<Amount, 'low' | 'high' | 'missing'>,
  bound: Bound,
): LimitStatus {
  if ('most' in bound) {
    if (low > bound.most) return 'missed'
    if (missing.length > 0) return 'not known'
    return high <= bound.most ? 'kept' : 'may be missed'
  }
  if (low >= bound.least) return 'kept'
  if (missing.length > 0) return 'not known'
  return high < bound.least ? 'missed' : 'may be missed'
}
