/** What amounts are counted in. Money is in minor units of the brief's currency. */
export type Unit = 'W' | 'money' | 'dB(A)' | '°C' | 'B/s' | 'B' | 'h' | 'mm' | 'pieces'

/** A value that nobody has given: a field of a piece's data sheet, or of the brief where no piece is named. */
export interface Missing {
  pieceId: string | null
  field: string
}

/**
 * A quantity as far as it is known: low ≤ likely ≤ high, all three equal where it is exact.
 *
 * Every term of a quantity is 0 or more, so what is missing can only add to it: `low` holds whatever is missing,
 * `likely` and `high` hold only when nothing is.
 */
export interface Amount<U extends Unit = Unit> {
  low: number
  likely: number
  high: number
  unit: U
  missing: readonly Missing[]
}

/** @example exactly(28, 'W') // { low: 28, likely: 28, high: 28, unit: 'W', missing: [] } */
export function exactly<U extends Unit>(
  value: number,
  unit: U,
  missing: readonly Missing[] = [],
): Amount<U> {
  return { low: value, likely: value, high: value, unit, missing }
}

/**
 * The number of an amount that is exact, as counts are, and hours that somebody gave.
 * @example exactOf(exactly(3, 'h')) // 3
 */
export const exactOf = ({ likely }: Pick<Amount, 'likely'>): number => likely

/**
 * All of them together: bands add, and what is missing of one is missing of the sum.
 *
 * @param unit that of every amount; the sum of none is 0 of it
 * @example sumOf([exactly(3, 'W'), { ...exactly(1, 'W'), high: 2 }], 'W').high // 5
 */
export function sumOf<U extends Unit>(amounts: readonly Amount<U>[], unit: U): Amount<U> {
  return amounts.reduce<Amount<U>>(
    (sum, one) => ({
      low: sum.low + one.low,
      likely: sum.likely + one.likely,
      high: sum.high + one.high,
      unit,
      missing: withMissing(sum.missing, one.missing),
    }),
    exactly(0, unit),
  )
}

/**
 * What a rising function makes of it, end by end.
 * @example mapAmount(exactly(10, 'W'), (watts) => watts / 0.8).likely // 12.5
 */
export function mapAmount<U extends Unit, V extends Unit = U>(
  { low, likely, high, unit, missing }: Amount<U>,
  rising: (value: number) => number,
  newUnit?: V,
): Amount<V> {
  return {
    low: rising(low),
    likely: rising(likely),
    high: rising(high),
    // Without another unit it is the one it had.
    unit: (newUnit ?? unit) as V,
    missing,
  }
}

/** Both lists, each missing value once. */
export function withMissing(
  some: readonly Missing[],
  more: readonly Missing[],
): readonly Missing[] {
  if (more.length === 0) return some
  const isThere = ({ pieceId, field }: Missing): boolean =>
    some.some((one) => one.pieceId === pieceId && one.field === field)
  return [...some, ...more.filter((one) => !isThere(one))]
}
