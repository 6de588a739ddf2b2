import type { SlotNeed } from '../catalogue/needs'
import { kindOf, type PartSheet } from '../catalogue/partKinds'
import type { Machine } from './machine'
import type { Piece } from './piece'

/** The slot that a part wants; undefined for what wants none. */
export function slotNeedOf(sheet: PartSheet): SlotNeed | undefined {
  return kindOf(sheet)
    .needs(sheet)
    .find((need) => need.kind === 'slot')
}

/** Whether a piece stands in a slot of the board or of a riser, as a card; a riser itself is none. */
export function isCard({ needs, offers }: Piece): boolean {
  const passesOnSlots = offers.some(
    (offer) => offer.kind === 'passed on' && offer.places.some(({ kind }) => kind === 'slot'),
  )
  return needs.some(({ kind }) => kind === 'slot') && !passesOnSlots
}

/** Every card that wants a slot, in the order of the kinds. */
export function cardsOf({ inOrder }: Pick<Machine, 'inOrder'>): Piece[] {
  return inOrder.filter(isCard)
}
