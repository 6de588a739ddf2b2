import { type Machine, piecesOf } from './machine'
import type { PieceId } from './piece'

/** The size of every drive of a machine, in bytes. */
export function driveSizes(machine: Pick<Machine, 'ofKind'>): ReadonlyMap<PieceId, number> {
  return new Map(
    piecesOf(machine, 'drive').map(({ id, dataSheet }) => [id, dataSheet.capacityBytes]),
  )
}
