import type { Machine } from '../machine'
import { fittingsOf, type PieceId } from '../piece'
import { placementProblem } from './placementProblem'
import { type Place, takes } from './places'

/** Something that wants a place, and the places of the board that it goes into, counted from 1. */
export interface PlaceChoice {
  pieceId: PieceId
  kind: Place['kind']
  numbers: number[]
}

/**
 * Into which slots and sockets of the board may the builder set each card and device?
 *
 * What else is there is left out of account: setting one lets another go where it goes best.
 *
 * A card that two of three slots hold: `{ pieceId: 'controller-1', kind: 'slot', numbers: [1, 3] }`.
 */
export function placeChoices({ ofKind, madeFrom }: Machine): PlaceChoice[] {
  const { places, devices } = placementProblem(
    ofKind,
    fittingsOf(madeFrom),
    madeFrom.paths,
    false,
  ).problem
  const ofBoard = places.filter(({ giver }) => giver === null)
  return devices.map((device) => ({
    pieceId: device.pieceId,
    kind: device.kind,
    numbers: ofBoard.flatMap((place) => (takes(place, device) ? [place.number] : [])),
  }))
}
