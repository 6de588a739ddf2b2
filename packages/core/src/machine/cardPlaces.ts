import { CARD_PITCH_MM, REAR_SOCKETS } from '../catalogue/standards'
import type { Placement } from './placement/placeDevices'
import type { PiecesByKind, PieceId } from './piece'

/** Between two cards stays a little air; for the drawing only. */
const AIR_MM = 3

export interface CardPlace {
  /** Of the board, from 0. */
  slot: number
  /** Measured from the left of the front, as everything seen from above. */
  leftMm: number
  widthMm: number
  /** The card that stands in it; null for a free opening. Of two cards on one riser the first is drawn. */
  pieceId: PieceId | null
}

/**
 * Where are the openings for cards at the rear, and which cards stand in them?
 *
 * The sockets of a board are at the far end of its rear edge; openings are counted from there, one for each
 * slot.
 *
 * @param inOrder cards that no slot is known for; they are drawn one beside the other where a board does not
 * give its slots
 */
export function cardPlaces(
  pieces: PiecesByKind,
  { placed }: Placement,
  inOrder: readonly PieceId[],
): CardPlace[] {
  const chassis = pieces.chassis?.[0]?.dataSheet
  const widthMm = pieces.board?.[0]?.dataSheet.widthMm ?? null
  if (!chassis?.boardAt || widthMm === null) return []
  const { boardAt, cardOpenings } = chassis
  const socketsMm = Math.min(REAR_SOCKETS.widthMm, widthMm)
  const risers = new Set((pieces.riser ?? []).map(({ id }) => id))
  const slotsKnown = (pieces.board?.[0]?.dataSheet.slots ?? null) !== null
  const cardIn = (slot: number): PieceId | null => {
    if (!slotsKnown) return inOrder[slot] ?? null
    return placedIn(slot)
  }
  const placedIn = (slot: number): PieceId | null =>
    placed.find(
      ({ pieceId, root, on }) =>
        root.kind === 'slot' &&
        root.number === slot + 1 &&
        on.kind === 'slot' &&
        !risers.has(pieceId),
    )?.pieceId ?? null
  const places = Math.floor((widthMm - socketsMm) / CARD_PITCH_MM) + 1
  return Array.from({ length: Math.min(cardOpenings ?? 0, places) }, (_, slot) => ({
    slot,
    leftMm: boardAt.leftMm + widthMm - socketsMm - (slot + 1) * CARD_PITCH_MM + 2,
    widthMm: CARD_PITCH_MM - AIR_MM,
    pieceId: cardIn(slot),
  }))
}
