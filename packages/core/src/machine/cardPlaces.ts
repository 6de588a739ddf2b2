import { CARD_PITCH_MM, REAR_SOCKETS } from '../catalogue/standards'
import { boardPlane } from '../catalogue/boardPlane'
import type { Placement } from './placement/placeDevices'
import type { PiecesByKind, PieceId } from './piece'

/** Between two cards stays a little air; for the drawing only. */
const AIR_MM = 3

/** The rear edge of a board: where it begins, measured as its place is, and how long it is. */
export interface RearEdge {
  leftMm: number
  widthMm: number
}

function rearEdgeOf({ chassis, board }: PiecesByKind): RearEdge | null {
  const boardAt = chassis?.[0]?.dataSheet.boardAt
  const widthMm = board?.[0]?.dataSheet.widthMm ?? null
  return boardAt && widthMm !== null ? { leftMm: boardAt.leftMm, widthMm } : null
}

export interface CardPlace {
  /** Of the board, from 0. */
  slot: number
  /** Measured as the place of the board is: from the left, or from the top where it stands upright. */
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
 * @param rearEdge where the board is; left out for what the data sheets say, null of which gives no places
 */
export function cardPlaces(
  pieces: PiecesByKind,
  { placed }: Pick<Placement, 'placed'>,
  inOrder: readonly PieceId[],
  rearEdge: RearEdge | null = rearEdgeOf(pieces),
): CardPlace[] {
  const chassis = pieces.chassis?.[0]?.dataSheet
  if (!chassis || !rearEdge) return []
  const { cardOpenings } = chassis
  const { leftMm, widthMm } = rearEdge
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
  // Seen from the side the sockets are at the near end of the edge, seen from above at its far one.
  const isUpright = boardPlane(chassis) === 'upright'
  const leftOf = (slot: number): number =>
    isUpright
      ? leftMm + socketsMm + slot * CARD_PITCH_MM + 1
      : leftMm + widthMm - socketsMm - (slot + 1) * CARD_PITCH_MM + 2
  return Array.from({ length: Math.min(cardOpenings ?? 0, places) }, (_, slot) => ({
    slot,
    leftMm: leftOf(slot),
    widthMm: CARD_PITCH_MM - AIR_MM,
    pieceId: cardIn(slot),
  }))
}
