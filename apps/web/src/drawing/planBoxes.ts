import { type Machine, pieceOf } from '@flint/core/figures'
import type { Arrangement } from './arrangement'
import { cardsOn } from './cardsOn'

export interface PlanBoxShape {
  id: string
  what: 'board' | 'card' | 'supply'
  frontMm: number
  acrossMm: number
  depthMm: number
  widthMm: number
  words: string
  /** How far it reaches over the room there is, forwards; 0 when it fits or nobody knows. */
  overMm: number
  /** Whether its place or size is on no data sheet. */
  isAssumed: boolean
}

const over = (need: number | null, room: number | null): number =>
  need === null || room === null ? 0 : Math.max(0, need - room)

/** Length of a card that nobody gives. For the drawing only. */
const USUAL_CARD_MM = 120

/** Board, cards and supply, each where it lies; what has no room in the case is left out. */
export function planBoxes(machine: Machine, arrangement: Arrangement): PlanBoxShape[] {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return []
  const { boardMaxDepthMm, cardMaxLengthMm, supplyMaxLengthMm } = chassis.dataSheet
  const boxes: PlanBoxShape[] = []
  const board = pieceOf(machine, 'board')
  if (board && arrangement.board) {
    const { model, size, depthMm } = board.dataSheet
    boxes.push({
      id: board.id,
      what: 'board',
      ...arrangement.board,
      words: `${model}, ${size}`,
      overMm: over(depthMm, boardMaxDepthMm),
    })
  }
  for (const place of arrangement.board ? cardsOn(machine, arrangement.board) : []) {
    const card = place.pieceId === null ? undefined : machine.pieces.get(place.pieceId)
    if (!card || !arrangement.board) continue
    const { dataSheet } = card
    const lengthMm = 'lengthMm' in dataSheet ? dataSheet.lengthMm : null
    const depthMm = lengthMm ?? USUAL_CARD_MM
    const { frontMm, depthMm: boardMm, isAssumed } = arrangement.board
    boxes.push({
      id: card.id,
      what: 'card',
      frontMm: Math.max(0, frontMm + boardMm - depthMm),
      acrossMm: place.leftMm,
      depthMm: Math.min(depthMm, frontMm + boardMm),
      widthMm: place.widthMm,
      words: dataSheet.model,
      overMm: over(lengthMm, cardMaxLengthMm),
      isAssumed: isAssumed || lengthMm === null,
    })
  }
  const supply = pieceOf(machine, 'supply')
  if (supply && arrangement.supply) {
    boxes.push({
      id: supply.id,
      what: 'supply',
      ...arrangement.supply,
      words: supply.dataSheet.model,
      overMm: over(supply.dataSheet.lengthMm, supplyMaxLengthMm),
    })
  }
  return boxes
}
