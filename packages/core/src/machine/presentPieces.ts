import { kindOf } from '../catalogue/partKinds'
import { drivesOutside } from './drivesOutside'
import type { Machine } from './machine'
import type { Piece } from './piece'

export interface PresentPieces {
  all: Piece[]
  /** Those that the supplies of the machine itself feed. */
  inside: Piece[]
  /** Those with a plug in the wall of their own, and drives in an enclosure. */
  beside: Piece[]
}

/** The pieces that are there, without drives that are sent back or lie on the bench. */
export function presentPieces(machine: Machine): PresentPieces {
  const away = new Set(machine.awayIds)
  const outside = drivesOutside(machine)
  const all = machine.inOrder.filter(({ id }) => !away.has(id))
  const isInside = ({ id, dataSheet }: Piece): boolean =>
    kindOf(dataSheet).stands === 'inside' && !outside.has(id)
  return {
    all,
    inside: all.filter(isInside),
    beside: all.filter((piece) => !isInside(piece)),
  }
}
