import type { Pool } from '../design/design'
import { type Machine, piecesOf } from '../machine/machine'
import type { Piece, PieceId } from '../machine/piece'

/** A device that can have services: a boot device, or flash in no group. */
export type ServiceDevice = Piece<'boot'> | Piece<'drive'>

/** The devices that can have services, boot devices first. */
export function serviceDevices(machine: Machine, pools: readonly Pool[]): ServiceDevice[] {
  const members = membersOf(pools)
  return [
    ...piecesOf(machine, 'boot'),
    ...piecesOf(machine, 'drive').filter(
      ({ id, dataSheet }) => dataSheet.medium === 'flash' && !members.has(id),
    ),
  ]
}

/** Every drive of every group. */
export const membersOf = (pools: readonly Pool[]): Set<PieceId> =>
  new Set(pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds)))
