import type { Bay } from '@flint/core/drawing'

/** "bay 3" or "4 bays". */
export function placesWords(bays: readonly Bay[]): string {
  const [first] = bays
  return bays.length === 1 && first ? `bay ${first.number}` : `${bays.length} bays`
}
