import { sharedPlace } from '../../catalogue/kinds/board'
import { type Machine, pieceOf } from '../machine'
import type { PieceId } from '../piece'
import type { PlacedDevice } from './placeDevices'

/** What takes lanes from a place: the device in another one, and how many lanes the place has without it. */
export interface TakenLanes {
  byId: PieceId
  from: PlacedDevice['root']
  lanesWithout: number
}

/**
 * What took the lanes that a device lacks?
 *
 * @returns null when nothing did: the place has no more, or the device takes no more
 */
export function takenLanes(machine: Machine, device: PlacedDevice): TakenLanes | null {
  const board = pieceOf(machine, 'board')?.dataSheet
  const { root, lanes } = device
  const lanesWithout =
    root.kind === 'slot'
      ? (board?.slots?.[root.number - 1]?.electricalLanes ?? 0)
      : (board?.m2Sockets?.[root.number - 1]?.lanes ?? 0)
  for (const rule of board?.sharing ?? []) {
    const [inUse, loses] = [sharedPlace(rule.inUse), sharedPlace(rule.loses)]
    const isThis = loses.kind === root.kind && loses.number === root.number
    if (!isThis || rule.lanesLeft >= lanesWithout || lanes > rule.lanesLeft) continue
    const user = machine.placement.placed.find(
      (one) => one.root.kind === inUse.kind && one.root.number === inUse.number,
    )
    if (user && user.pieceId !== device.pieceId) {
      return { byId: user.pieceId, from: user.root, lanesWithout }
    }
  }
  return null
}
