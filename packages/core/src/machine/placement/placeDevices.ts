import type { PieceId } from '../piece'
import { bestWays } from './bestWays'
import { linkAt, type PlaceOf, rateOf, rootOf, usedOf } from './placedLink'
import type { Place, PlacementProblem } from './places'

/** A device in its place. */
export interface PlacedDevice {
  pieceId: PieceId
  /** The place itself, and the one of the board that it is, or is passed on from; counted from 1. */
  on: { pieceId: PieceId; kind: Place['kind']; number: number }
  root: { kind: Place['kind']; number: number }
  origin: Place['origin']
  /** What it speaks there; lanes and generation say nothing of plain PCI. */
  bus: Place['bus']
  lanes: number
  pcieGeneration: number
  bytesPerSecond: number
  /** What it must move so that nothing behind it waits, and what of that the place does not move. */
  needBytesPerSecond: number
  shortBytesPerSecond: number
}

export interface Placement {
  placed: PlacedDevice[]
  /** Devices without a place. */
  leftIds: PieceId[]
  /** How many of the placed devices hang off the chipset. */
  chipsetUsers: number
  /** SATA ports of the board that go dead. */
  silencedSataPorts: number
  /** Whether no better way is left; false when the search was cut short. */
  isBest: boolean
}

/** Matchings made before the best ones so far are taken, so that no design hangs. */
const MOST_MATCHINGS = 100

/**
 * Into which slots and sockets do cards, risers, carriers and M.2 devices go?
 *
 * The best way of all, under the lengths of the slots, the keys of the sockets, and what the board takes from one
 * place while another is used. Better is: more devices in, then fewer that are short of their need, then less
 * missing, then fewer SATA ports silenced, then fewer on the chipset, then lower places for earlier devices.
 *
 * @param most how many of the best ways are wanted
 * @returns the best first; empty only without a way to keep the pins
 * Source: branch and bound over cheapest matchings, compared with every way in the tests; lanes and generation
 * are the lower of place and device, common practice.
 * @example placeDevices({ places: [], devices: [], sharing: [] }).length // 1: the way without any device
 */
export function placeDevices(problem: PlacementProblem, most = 1): Placement[] {
  const { ways, isBest } = bestWays(problem, most, MOST_MATCHINGS)
  return ways.map((placeOf) => ({ ...placementOf(problem, placeOf), isBest }))
}

/** Whether all devices find a place at once, however short of lanes they may be there. */
export function allFit({ places, devices, sharing }: PlacementProblem): boolean {
  const problem = {
    places: places.map((place): Place => ({ ...place, silencesSataPorts: 0, origin: 'CPU' })),
    devices: devices.map((device) => ({ ...device, needBytesPerSecond: 0 })),
    sharing,
  }
  return bestWays(problem, 1, MOST_MATCHINGS, 0).ways.length > 0
}

function placementOf(problem: PlacementProblem, placeOf: PlaceOf): Omit<Placement, 'isBest'> {
  const { places, devices } = problem
  const isUsed = usedOf(places, placeOf)
  const placed = devices.flatMap((device, index): PlacedDevice[] => {
    const at = placeOf[index] ?? null
    const place = at === null ? undefined : places[at]
    const root = at === null ? undefined : rootOf(places, placeOf, at)
    const link = at === null ? null : linkAt(problem, placeOf, isUsed, device, at)
    if (!place || !root || !link) return []
    const bytesPerSecond = rateOf(device, link.pcieGeneration, link.lanes)
    return [
      {
        pieceId: device.pieceId,
        on: { pieceId: place.pieceId, kind: place.kind, number: place.number },
        root: { kind: root.kind, number: root.number },
        origin: root.origin,
        bus: device.bus,
        ...link,
        bytesPerSecond,
        needBytesPerSecond: device.needBytesPerSecond,
        shortBytesPerSecond: Math.max(0, device.needBytesPerSecond - bytesPerSecond),
      },
    ]
  })
  const used = placeOf.flatMap((at) => (at === null ? [] : (places[at] ?? [])))
  return {
    placed,
    leftIds: devices.flatMap(({ pieceId }, index) => (placeOf[index] === null ? [pieceId] : [])),
    chipsetUsers: placed.filter(({ origin }) => origin === 'chipset').length,
    silencedSataPorts: used.reduce((sum, { silencesSataPorts }) => sum + silencesSataPorts, 0),
  }
}
