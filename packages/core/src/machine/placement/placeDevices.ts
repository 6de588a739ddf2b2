import type { PieceId } from '../piece'
import { linkAt, type PlaceOf, rateOf, rootOf, usedOf } from './placedLink'
import { type Device, type Place, type PlacementProblem, takes } from './places'

/** A device in its place. */
export interface PlacedDevice {
  pieceId: PieceId
  /** The place itself, and the one of the board that it is, or is passed on from; counted from 1. */
  on: { pieceId: PieceId; kind: Place['kind']; number: number }
  root: { kind: Place['kind']; number: number }
  origin: Place['origin']
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

/** Ways looked at before the best ones so far are taken: far more than boards have, so that no design hangs. */
const MOST_STEPS = 40_000

/** The same while no way at all is found yet. */
const MOST_STEPS_WITHOUT = 5 * MOST_STEPS

const countOf = (all: readonly { kind: Place['kind'] }[], kind: Place['kind']): number =>
  all.filter((one) => one.kind === kind).length

/**
 * Into which slots and sockets do cards, risers, carriers and M.2 devices go?
 *
 * Every way is looked at but those that cannot become better than the best seen, under the lengths of the slots,
 * the keys of the sockets, and what the board takes from one place while another is used. Better is: more devices
 * in, then fewer that are short of their need, then less missing, then fewer SATA ports silenced, then fewer on
 * the chipset, then lower places for earlier devices.
 *
 * @param most how many of the best ways are wanted
 * @returns the best first; empty only without a way to keep the pins
 * Source: branch and bound, compared with every way in the tests; lanes and generation are the lower of place
 * and device, common practice.
 * @example placeDevices({ places: slots, devices: [controller, networkCard], sharing: [] })[0].placed
 */
export function placeDevices(problem: PlacementProblem, most = 1): Placement[] {
  const { devices } = problem
  for (let mayLeave = 0; mayLeave <= devices.length; mayLeave += 1) {
    // Devices are left out only when there is no way with fewer left out, so those ways are not even looked at.
    const found = search(problem, most, mayLeave)
    if (found.length > 0) return found
  }
  return []
}

interface Kept {
  worth: Worth
  placeOf: (number | null)[]
}

/** Short devices, bytes short, ports silenced, devices on the chipset; smaller is better, from the first on. */
type Worth = [number, number, number, number]

function search(problem: PlacementProblem, most: number, mayLeave: number): Placement[] {
  const { places, devices } = problem
  const best: Kept[] = []
  const placeOf: (number | null)[] = []
  const taken = new Set<number>()
  // A device that may be left out is short of nothing, so there is no bound on it then.
  const atBest = devices.map((device) => (mayLeave > 0 ? 0 : leastShort(device, places)))
  const sameAsBefore = devices.map((device, at) => {
    const before = devices[at - 1]
    return before !== undefined && areAlike(before, device)
  })
  const classOf = places.map((place) => classOfPlace(place, problem))
  let steps = 0
  const free = { slot: countOf(places, 'slot'), 'M.2': countOf(places, 'M.2') }
  const wantingFrom = devices.map((_, from) => {
    const rest = devices.slice(from)
    return { slot: countOf(rest, 'slot'), 'M.2': countOf(rest, 'M.2') }
  })
  /** How many of the devices still to come find no place, however they are put. */
  const surplus = (from: number): number => {
    const wanting = wantingFrom[from]
    if (!wanting) return 0
    return Math.max(0, wanting.slot - free.slot) + Math.max(0, wanting['M.2'] - free['M.2'])
  }

  const walk = (index: number, left: number): void => {
    steps += 1
    if (steps > (best.length > 0 ? MOST_STEPS : MOST_STEPS_WITHOUT)) return
    if (left + surplus(index) > mayLeave) return
    const worst = best.length >= most ? best.at(-1) : undefined
    const worth = worthOf(problem, placeOf, atBest)
    if (!worth || (worst && !mayBeat(worth, placeOf, worst))) return
    const device = devices[index]
    if (!device) {
      keep(best, { worth, placeOf: [...placeOf] }, most)
      return
    }
    const before = sameAsBefore[index] ? placeOf[index - 1] : undefined
    const tried = new Set<string>()
    places.forEach((place, at) => {
      if (taken.has(at) || !takes(place, device) || !isOpenFor(problem, placeOf, index, at)) return
      // Of devices that are alike the earlier has the lower place: changing them over changes nothing.
      if (before !== undefined && (before === null || at < before)) return
      const alike = classOf[at]
      if (alike !== undefined && alike !== null) {
        if (tried.has(alike)) return
        tried.add(alike)
      }
      taken.add(at)
      free[place.kind] -= 1
      placeOf.push(at)
      walk(index + 1, left)
      placeOf.pop()
      free[place.kind] += 1
      taken.delete(at)
    })
    if (device.pin !== null || left >= mayLeave) return
    placeOf.push(null)
    walk(index + 1, left + 1)
    placeOf.pop()
  }
  walk(0, 0)
  return best.map((one) => ({ ...placementOf(problem, one.placeOf), isBest: steps <= MOST_STEPS }))
}

/** Whether what passes the place on is itself placed, and the pin of the device is kept. */
function isOpenFor(
  { places, devices }: PlacementProblem,
  placeOf: PlaceOf,
  device: number,
  at: number,
): boolean {
  const place = places[at]
  const pin = devices[device]?.pin ?? null
  if (!place) return false
  if (place.giver === null) return pin === null || pin === place.number
  const giver = devices[place.giver]
  const root = rootOf(places, placeOf, at)
  const under = places[placeOf[place.giver] ?? -1]
  // A card that passes places on does not sit in one of another such card, or in itself.
  if (!giver || !root || (devices[device]?.gives ?? 0) > 0) return false
  if (giver.needsSplit && under?.splitsInto && place.number > under.splitsInto) return false
  return pin === null || (pin === root.number && root.kind === devices[device]?.kind)
}

/** What a device lacks in the best place for it, whatever else there is: a bound for those that have none yet. */
function leastShort(device: Device, places: readonly Place[]): number {
  const shorts = places
    .filter((place) => takes(place, device))
    .map(({ electricalLanes, pcieGeneration }) => {
      const lanes = Math.min(device.lanes, electricalLanes)
      return Math.max(0, device.needBytesPerSecond - rateOf(device, pcieGeneration, lanes))
    })
  return shorts.length === 0 ? 0 : Math.min(...shorts)
}

const sameLists = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((entry, at) => entry === other[at])

function areAlike(one: Device, other: Device): boolean {
  return (
    one.kind === other.kind &&
    one.lanes === other.lanes &&
    one.pcieGeneration === other.pcieGeneration &&
    one.speaks === other.speaks &&
    sameLists(one.keys, other.keys) &&
    one.needBytesPerSecond === other.needBytesPerSecond &&
    one.gives === 0 &&
    other.gives === 0 &&
    one.pin === null &&
    other.pin === null
  )
}

/** Places of one class can be changed over; null for one that is like no other. */
function classOfPlace(place: Place, { sharing, devices }: PlacementProblem): string | null {
  const { kind, number, giver } = place
  const isNamed = sharing.some(({ inUse, loses }) =>
    [inUse, loses].some((one) => one.kind === kind && one.number === number),
  )
  const isPinned = devices.some((device) => device.kind === kind && device.pin === number)
  if ((giver === null && (isNamed || isPinned)) || isPinned) return null
  // Where it is does not matter, only what it is; M.2 places of a card differ by how far a slot splits.
  const isSplit = giver !== null && kind === 'M.2'
  return JSON.stringify({ ...place, pieceId: null, number: isSplit ? number : null })
}

/** What this way comes to at the least; null when a device would sit in a place that is dead. */
function worthOf(
  problem: PlacementProblem,
  placeOf: PlaceOf,
  atBest: readonly number[],
): Worth | null {
  const { places, devices } = problem
  const isUsed = usedOf(places, placeOf)
  const worth: Worth = [0, 0, 0, 0]
  for (let index = 0; index < devices.length; index += 1) {
    const [device, at] = [devices[index], placeOf[index]]
    if (!device || at === null) continue
    const place = at === undefined ? undefined : places[at]
    if (at === undefined || !place) {
      const least = atBest[index] ?? 0
      worth[0] += least > 0 ? 1 : 0
      worth[1] += least
      continue
    }
    const link = linkAt(problem, placeOf, isUsed, device, at)
    if (!link) return null
    const short = Math.max(
      0,
      device.needBytesPerSecond - rateOf(device, link.pcieGeneration, link.lanes),
    )
    worth[0] += short > 0 ? 1 : 0
    worth[1] += short
    worth[2] += place.silencesSataPorts
    worth[3] += rootOf(places, placeOf, at)?.origin === 'chipset' ? 1 : 0
  }
  return worth
}

const compareWorth = (one: Worth, other: Worth): number =>
  one[0] - other[0] || one[1] - other[1] || one[2] - other[2] || one[3] - other[3]

/** Lower places for earlier devices; one without a place comes last. */
function comparePlaces(one: readonly (number | null)[], other: readonly (number | null)[]): number {
  for (let at = 0; at < Math.min(one.length, other.length); at += 1) {
    const difference = (one[at] ?? Infinity) - (other[at] ?? Infinity)
    if (difference !== 0 && !Number.isNaN(difference)) return difference
  }
  return 0
}

/** Whether a way begun like this can still be better than one that is complete: none of its counts ever falls. */
function mayBeat(worth: Worth, placeOf: PlaceOf, than: Kept): boolean {
  const difference = compareWorth(worth, than.worth)
  return difference < 0 || (difference === 0 && comparePlaces(placeOf, than.placeOf) <= 0)
}

function keep(best: Kept[], found: Kept, most: number): void {
  const at = best.findIndex(
    (one) =>
      (compareWorth(found.worth, one.worth) || comparePlaces(found.placeOf, one.placeOf)) < 0,
  )
  best.splice(at === -1 ? best.length : at, 0, found)
  if (best.length > most) best.pop()
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
