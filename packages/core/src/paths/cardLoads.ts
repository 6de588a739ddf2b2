import { type Machine, piecesOf } from '../machine/machine'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../machine/linkRates'
import type { PlacedDevice } from '../machine/placement/placeDevices'

/**
 * What does each placed card have to move, with the drives that are wired to it, and what does its slot lack?
 *
 * Slots are chosen before cables, for a controller with all its ports in use; the wiring may give it fewer
 * drives, or none, where its slot is narrow. A card that no drive hangs on needs what it was placed for.
 */
export function cardLoads(machine: Machine): PlacedDevice[] {
  const rateOf = new Map(
    piecesOf(machine, 'drive').map(({ id, dataSheet }) => [
      id,
      dataSheet.outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND,
    ]),
  )
  const { hosts, cables, ports } = machine.wiring.data
  const cardOf = new Map(
    hosts.map(({ id, pieceId, behindId }) => {
      const above = hosts.find((host) => host.id === behindId)
      return [id, above?.pieceId ?? pieceId]
    }),
  )
  const hostOf = new Map(cables.map(({ id, hostId }) => [id, hostId]))
  const hosting = new Set(cardOf.values())
  const loadOf = new Map<string, number>()
  for (const { driveId, cableId } of ports) {
    const card = cardOf.get(hostOf.get(cableId) ?? '')
    if (card === undefined) continue
    loadOf.set(card, (loadOf.get(card) ?? 0) + (rateOf.get(driveId) ?? 0))
  }
  return machine.placement.placed.map((placed) => {
    const { pieceId, bytesPerSecond } = placed
    const needBytesPerSecond = hosting.has(pieceId)
      ? (loadOf.get(pieceId) ?? 0)
      : placed.needBytesPerSecond
    const shortBytesPerSecond = Math.max(0, needBytesPerSecond - bytesPerSecond)
    return { ...placed, needBytesPerSecond, shortBytesPerSecond }
  })
}
