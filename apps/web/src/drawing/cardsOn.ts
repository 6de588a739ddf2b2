import { type CardPlace, cardPlaces } from '@flint/core/drawing'
import type { Machine } from '@flint/core/figures'
import type { Lies } from './arrangement'

/** The openings for cards and what stands in them, also of a board whose place is only assumed. */
export function cardsOn(
  { cardPlaces: known, ofKind, placement }: Machine,
  { acrossMm, widthMm }: Lies,
): readonly CardPlace[] {
  return known.length > 0 ? known : cardPlaces(ofKind, placement, [], { leftMm: acrossMm, widthMm })
}
