import type { Comparison } from './comparison'

interface Adjective {
  /** The first name of the measure. */
  measure: string
  comparison: Comparison
  value: number
}

/**
 * Words that stand for a measurement. Common practice, no source: what was understood is shown, so that whoever means
 * another number writes it.
 */
export const adjectives: ReadonlyMap<string, Adjective> = new Map([
  ['quiet', { measure: 'noise', comparison: 'at most', value: 25 }],
])
