import type { DesignDocument } from '../design/document'
import { fittedOne } from '../design/fittedParts'
import { cardNeeds } from './cardNeeds'
import { cardsInConflict } from './cardsInConflict'
import { placementsOf, riserNeeds, usedM2Sockets } from './placements'
import { riserWays } from './riserWays'

/**
 * The fewest cards of a design that cannot all be placed together; empty when all find a slot.
 *
 * Where there are risers, as they stand in the best way found.
 */
export function conflictOfCards(document: DesignDocument): string[] {
  const sheet = fittedOne(document, 'board')?.sheet
  const [best] = placementsOf(document)
  if (!sheet?.slots || !best || best.leftIds.length === 0) return []
  const [way] = riserWays(sheet.slots, riserNeeds(document), best.riserSlotOf)
  const places = way?.places ?? sheet.slots
  return cardsInConflict(places, cardNeeds(document), sheet.sharing ?? [], usedM2Sockets(document))
}
