import {
  NEWEST_SATA,
  PCI_BYTES_PER_SECOND,
  pcieBytesPerSecond,
  sataBytesPerSecond,
} from '../linkRates'
import type { Device, Place, PlacementProblem, Sharing } from './places'

/** For each device the place it is in, by index; null without one, and nothing yet for those still to come. */
export type PlaceOf = readonly (number | null)[]

/** M.2 sockets have four lanes at most. Source: PCI Express M.2 specification (from memory). */
const M2_LANES = 4

/** The place of the board that a place is, or is passed on from; undefined while its giver has none. */
export function rootOf(places: readonly Place[], placeOf: PlaceOf, at: number): Place | undefined {
  const place = places[at]
  if (place?.giver === null || !place) return place
  const under = placeOf[place.giver]
  return under === null || under === undefined ? undefined : places[under]
}

/** Lanes of a place of the board once everything that takes some away is counted. */
export function lanesLeft(
  { kind, number, electricalLanes }: Pick<Place, 'kind' | 'number' | 'electricalLanes'>,
  sharing: readonly Sharing[],
  isUsed: (kind: Place['kind'], number: number) => boolean,
): number {
  let lanes = electricalLanes
  for (const { inUse, loses, lanesLeft: left } of sharing) {
    if (loses.kind !== kind || loses.number !== number || left >= lanes) continue
    const isItself = inUse.kind === kind && inUse.number === number
    if (!isItself && isUsed(inUse.kind, inUse.number)) lanes = left
  }
  return lanes
}

export function usedOf(
  places: readonly Place[],
  placeOf: PlaceOf,
): (kind: Place['kind'], number: number) => boolean {
  return (kind, number) =>
    placeOf.some((at) => {
      const place = at === null ? undefined : places[at]
      return place?.giver === null && place.kind === kind && place.number === number
    })
}

export function rateOf(device: Device, pcieGeneration: number, lanes: number): number {
  if (device.bus === 'PCI') return PCI_BYTES_PER_SECOND
  return device.kind === 'M.2' && device.speaks === 'SATA'
    ? sataBytesPerSecond(NEWEST_SATA)
    : pcieBytesPerSecond(Math.min(device.pcieGeneration, pcieGeneration), lanes)
}

/** Lanes and generation that a device has where it is; null in a place that is dead. */
export function linkAt(
  { places, devices, sharing }: PlacementProblem,
  placeOf: PlaceOf,
  isUsed: ReturnType<typeof usedOf>,
  device: Device,
  at: number,
): { lanes: number; pcieGeneration: number } | null {
  const place = places[at]
  const root = rootOf(places, placeOf, at)
  if (!place || !root) return null
  const left = lanesLeft(root, sharing, isUsed)
  if (left === 0) return null
  let { pcieGeneration } = root
  let lanes = left
  const giver = place.giver === null ? undefined : devices[place.giver]
  if (giver) {
    pcieGeneration = Math.min(pcieGeneration, giver.pcieGeneration)
    lanes = Math.min(lanes, giver.lanes)
    if (giver.splitsLanes) lanes = widthOf(lanes / giver.gives)
    if (place.kind === 'M.2') lanes = Math.min(lanes, M2_LANES)
  }
  return {
    lanes: Math.min(device.lanes, lanes),
    pcieGeneration: Math.min(device.pcieGeneration, pcieGeneration),
  }
}

/** The widest of 1, 2, 4, 8 and 16 lanes that fits in so many. */
const widthOf = (lanes: number): number => 2 ** Math.floor(Math.log2(Math.max(1, lanes)))
