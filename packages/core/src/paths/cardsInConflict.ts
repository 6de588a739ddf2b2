import type { SlotSharing } from '../catalogue/kinds/board'
import { type Card, placeCards, type Slot } from './placeCards'

/**
 * Which cards are the fewest that cannot all be placed together?
 *
 * Sets are tried from the smallest on, so that the answer names no card that could be left out.
 *
 * @returns ids of the cards; empty when all find a slot
 * @example two ×16 cards for one slot: both of them, whatever else is there
 */
export function cardsInConflict(
  slots: readonly Slot[],
  cards: readonly Card[],
  sharing: readonly SlotSharing[],
  usedM2: readonly string[],
): string[] {
  for (let size = 1; size <= cards.length; size += 1) {
    for (const some of subsetsOf(cards, size)) {
      const [best] = placeCards(slots, some, sharing, usedM2)
      if (!best || best.leftIds.length > 0) return some.map(({ id }) => id)
    }
  }
  return []
}

function subsetsOf<T>(all: readonly T[], size: number): T[][] {
  if (size === 0) return [[]]
  return all.flatMap((first, index) =>
    subsetsOf(all.slice(index + 1), size - 1).map((rest) => [first, ...rest]),
  )
}
