import { type DrivesOnHosts, drivesOnHosts } from '../machine/drivesOnHosts'
import type { Machine } from '../machine/machine'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../machine/linkRates'
import type { PieceId } from '../machine/piece'
import type { PlacedDevice } from '../machine/placement/placeDevices'

/**
 * What does each placed card have to move, with the drives that are wired to it, and what does its slot lack?
 *
 * Slots are chosen before cables, for a controller with all its ports in use; the wiring may give it fewer
 * drives, or none, where its slot is narrow. A card that no drive hangs on needs what it was placed for.
 */
export function cardLoads(
  machine: Machine,
  onHosts: DrivesOnHosts = drivesOnHosts(machine),
): PlacedDevice[] {
  const { pieces } = machine
  const { hosts } = machine.wiring.data
  const loadOf = new Map<PieceId, number>()
  for (const { id, pieceId, behindId } of hosts) {
    const above = hosts.find((host) => host.id === behindId)
    const card = above?.pieceId ?? pieceId
    let load = loadOf.get(card) ?? 0
    for (const driveId of onHosts.get(id) ?? []) {
      const drive = pieces.get(driveId)?.dataSheet
      if (drive?.kind !== 'drive') continue
      load += drive.outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND
    }
    loadOf.set(card, load)
  }
  return machine.placement.placed.map((placed) => {
    const { pieceId, bytesPerSecond } = placed
    const needBytesPerSecond = loadOf.get(pieceId) ?? placed.needBytesPerSecond
    const shortBytesPerSecond = Math.max(0, needBytesPerSecond - bytesPerSecond)
    return { ...placed, needBytesPerSecond, shortBytesPerSecond }
  })
}
