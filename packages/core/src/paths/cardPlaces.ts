import { CARD_PITCH_MM, REAR_SOCKETS } from '../catalogue/standards'
import type { DesignDocument } from '../design/document'
import { keptByParts } from '../design/keptByParts'
import { fittedOne } from '../design/fittedParts'
import { cardsOf } from '../fit/cards'
import { placementsOf } from './placements'

/** Between two cards stays a little air; for the drawing only. */
const AIR_MM = 3

export interface CardPlace {
  id: string
  /** Of the board, from 0. */
  slot: number
  /** Measured from the left of the front, as everything seen from above. */
  leftMm: number
  widthMm: number
  /** Null for a free opening. */
  card: ReturnType<typeof cardsOf>[number] | null
}

/**
 * Where are the openings for cards at the rear, and which cards stand in them?
 *
 * The sockets of a board are at the far end of its rear edge; openings are counted from there, one for each
 * slot. Cards stand in the slots where they go best; in the order in which they were chosen where a board's
 * slots are not known. Of two cards on one riser the first is drawn.
 */
export const cardPlaces = keptByParts(findPlaces)

function findPlaces(document: DesignDocument): CardPlace[] {
  const chassis = fittedOne(document, 'chassis')?.sheet
  const widthMm = fittedOne(document, 'board')?.sheet.widthMm ?? null
  if (!chassis?.boardAt || widthMm === null) return []
  const { boardAt, cardOpenings } = chassis
  const socketsMm = Math.min(REAR_SOCKETS.widthMm, widthMm)
  const cards = cardsOf(document)
  const [placement] = placementsOf(document)
  const cardIn = (slot: number): CardPlace['card'] => {
    if (!placement) return cards[slot] ?? null
    const placed = placement.placed.find((one) => one.slot === slot)
    return cards.find(({ part }) => part.id === placed?.cardId) ?? null
  }
  const places = Math.floor((widthMm - socketsMm) / CARD_PITCH_MM) + 1
  return Array.from({ length: Math.min(cardOpenings ?? 0, places) }, (_, slot) => ({
    id: cardIn(slot)?.part.id ?? `opening-${slot}`,
    slot,
    leftMm: boardAt.leftMm + widthMm - socketsMm - (slot + 1) * CARD_PITCH_MM + 2,
    widthMm: CARD_PITCH_MM - AIR_MM,
    card: cardIn(slot),
  }))
}
