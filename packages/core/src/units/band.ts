/** A quantity as far as it is known: low ≤ likely ≤ high. Its unit stands in the name of whatever has it. */
export interface Band {
  low: number
  likely: number
  high: number
}

/**
 * What a rising function makes of it, end by end.
 * @example mapBand({ low: 1, likely: 2, high: 4 }, (value) => value / 2).high // 2
 */
export function mapBand({ low, likely, high }: Band, rising: (value: number) => number): Band {
  return { low: rising(low), likely: rising(likely), high: rising(high) }
}

/**
 * A band without width, of what is known.
 * @example exactBand(3).low // 3
 */
export function exactBand(value: number): Band {
  return { low: value, likely: value, high: value }
}
