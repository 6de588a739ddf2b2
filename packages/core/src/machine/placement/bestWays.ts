import { cheapestMatching, compareCosts, type Cost } from './cheapestMatching'
import { linkAt, type PlaceOf, rateOf, usedOf } from './placedLink'
import { type Device, type Place, type PlacementProblem, takes } from './places'

/** Parts of a cost before those that say which place each device has. */
const PARTS_BEFORE_PLACES = 3
/** One of what counts more outweighs whatever a machine has of what counts less: it has fewer devices and ports. */
const OUTWEIGHS = 1_000
/** A matching adds and subtracts a few costs; below this their sums stay whole numbers, exact in a double. */
const LARGEST_PART = 2 ** 48

/** How places are written in a cost: each device has a digit, and as many share a part as stay exact. */
interface PlaceDigits {
  /** One for each place, and one for none. */
  base: number
  devicesPerPart: number
  parts: number
}

function placeDigits({ places, devices }: PlacementProblem): PlaceDigits {
  const base = places.length + 1
  const devicesPerPart = Math.floor(Math.log(LARGEST_PART) / Math.log(Math.max(2, base)))
  const parts = PARTS_BEFORE_PLACES + Math.ceil(devices.length / devicesPerPart)
  return { base, devicesPerPart, parts }
}

/**
 * What is decided of a way. Devices that pass places on are all decided first, since what they pass on depends on
 * where they are; then whether places are used that take lanes from others.
 */
interface Node {
  /** For each device its place, null for none; undefined while it is open. */
  fixed: readonly (number | null | undefined)[]
  /** Pairs of device and place that may not be, null for none. */
  without: readonly (readonly [device: number, at: number | null])[]
  used: ReadonlySet<number>
  unused: ReadonlySet<number>
}

interface Solved extends Node {
  placeOf: (number | null)[]
  cost: Cost
}

/**
 * The best ways to put devices into places, the best first.
 *
 * Without what places take from each other it is a cheapest matching. So the matching of what is not decided yet
 * never costs more than any way that comes of it; where the board takes something after all, it is decided whether
 * the place that takes is used, and both are looked at, the cheaper first. The next best ways come of the best one
 * by forbidding its devices one after the other (Murty, 1968; from memory).
 *
 * @param mostMatchings so many are made at most; then the ways found so far are taken
 * @param mostLeft ways that leave more devices out are not wanted
 */
export function bestWays(
  problem: PlacementProblem,
  most: number,
  mostMatchings: number,
  mostLeft = Infinity,
): { ways: (number | null)[][]; isBest: boolean; matchings: number } {
  const { devices } = problem
  const open: Solved[] = []
  const ways: (number | null)[][] = []
  const seen = new Set<string>()
  let matchings = 0
  const add = (node: Node): void => {
    matchings += 1
    const solved = solve(problem, node)
    if (!solved) return
    const at = open.findIndex(({ cost }) => compareCosts(solved.cost, cost) < 0)
    open.splice(at === -1 ? open.length : at, 0, solved)
  }
  add({ fixed: devices.map(() => undefined), without: [], used: new Set(), unused: new Set() })
  while (ways.length < most) {
    const node = open.shift()
    // A way that leaves more out than it must is not offered.
    if (!node || leftIn(node.placeOf) > (ways[0] ? leftIn(ways[0]) : mostLeft))
      return { ways, isBest: true, matchings }
    const giver = devices.findIndex(({ gives }, at) => gives > 0 && node.fixed[at] === undefined)
    const taking = giver === -1 ? takenFrom(problem, node) : undefined
    const isCut = matchings >= mostMatchings
    if (giver !== -1 && !(isCut && ways.length === 0)) {
      for (const at of [...problem.places.keys(), null]) {
        add({ ...node, fixed: node.fixed.with(giver, at) })
      }
    } else if (taking !== undefined && !isCut) {
      add({ ...node, used: new Set([...node.used, taking]) })
      add({ ...node, unused: new Set([...node.unused, taking]) })
    } else if (isCut) {
      const whole = [node, ...open].find(({ placeOf }) => isPossible(problem, placeOf))
      return { ways: whole ? [...ways, whole.placeOf] : ways, isBest: false, matchings }
    } else {
      // Of ways that differ by places that are equal, one is enough.
      const look = lookOf(problem, node.placeOf)
      if (!seen.has(look)) ways.push(node.placeOf)
      seen.add(look)
      if (ways.length < most) othersThan(node).forEach(add)
    }
  }
  return { ways, isBest: true, matchings }
}

const leftIn = (placeOf: PlaceOf): number => placeOf.filter((at) => at === null).length

/** What a way looks like where equal devices and equal places are not told apart. */
function lookOf({ places, devices, sharing }: PlacementProblem, placeOf: PlaceOf): string {
  const entries = devices.map(({ pieceId, gives, ...device }, index) => {
    const at = placeOf[index] ?? null
    const place = at === null ? undefined : places[at]
    const isNamed = sharing.some(({ inUse, loses }) =>
      [inUse, loses].some((one) => one.kind === place?.kind && one.number === place.number),
    )
    const isAlone = isNamed || place?.giver !== null
    return JSON.stringify([
      gives > 0 ? pieceId : device,
      place && { ...place, pieceId: null, number: isAlone ? place.number : null },
    ])
  })
  return entries.sort().join()
}

/** All ways of a node but its best one: the first device elsewhere, or only the second, and so on. */
function othersThan({ placeOf, ...node }: Solved): Node[] {
  return placeOf.flatMap((at, device) => {
    if (node.fixed[device] !== undefined) return []
    const fixed = node.fixed.map((there, other) =>
      other < device ? (placeOf[other] ?? null) : there,
    )
    return [{ ...node, fixed, without: [...node.without, [device, at] as const] }]
  })
}

/** A place that is used, not decided yet, and takes lanes that somebody in this way counts on. */
function takenFrom(problem: PlacementProblem, node: Solved): number | undefined {
  const { places, sharing } = problem
  const inWay = usedOf(places, node.placeOf)
  const decided = decidedUse(places, node)
  return sharing
    .map(({ inUse }) =>
      places.findIndex(
        ({ giver, kind, number }) =>
          giver === null && kind === inUse.kind && number === inUse.number,
      ),
    )
    .find((at) => {
      const place = places[at]
      if (!place || !inWay(place.kind, place.number) || decided(place.kind, place.number)) {
        return false
      }
      return !sameLinks(
        problem,
        node.placeOf,
        decided,
        (kind, number) => decided(kind, number) || (kind === place.kind && number === place.number),
      )
    })
}

/** Places that are known to be used: by devices that are fixed, or because it was decided. */
function decidedUse(places: readonly Place[], { fixed, used }: Node): ReturnType<typeof usedOf> {
  const byFixed = usedOf(
    places,
    fixed.map((at) => at ?? null),
  )
  return (kind, number) =>
    byFixed(kind, number) ||
    places.some((place, at) => used.has(at) && place.kind === kind && place.number === number)
}

function sameLinks(
  problem: PlacementProblem,
  placeOf: PlaceOf,
  one: ReturnType<typeof usedOf>,
  other: ReturnType<typeof usedOf>,
): boolean {
  return placeOf.every((at, index) => {
    const device = problem.devices[index]
    if (at === null || !device) return true
    const [before, after] = [one, other].map((isUsed) =>
      linkAt(problem, placeOf, isUsed, device, at),
    )
    return before?.lanes === after?.lanes
  })
}

/** Whether no device of a way sits in a place that is dead. */
function isPossible(problem: PlacementProblem, placeOf: PlaceOf): boolean {
  const isUsed = usedOf(problem.places, placeOf)
  return placeOf.every((at, index) => {
    const device = problem.devices[index]
    return at === null || !device || linkAt(problem, placeOf, isUsed, device, at) !== null
  })
}

/** The cheapest way that keeps what is decided; null when there is none. */
function solve(problem: PlacementProblem, node: Node): Solved | null {
  const { places, devices } = problem
  const { fixed, used } = node
  const known = fixed.map((at) => at ?? null)
  const isUsed = decidedUse(places, node)
  const digits = placeDigits(problem)
  const costs = devices.map((device, index) => {
    const inPlaces = places.map((_, at) => {
      const isOut = node.unused.has(at) || !isAllowed(node, index, at)
      if (isOut || !isOpenFor(problem, known, index, at)) return null
      const cost = costOf(problem, known, isUsed, device, at, used.has(at))
      return cost && withPlace(cost, digits, index, at)
    })
    // Each device may have a place of its own that is none, unless it is fixed to one.
    const left = devices.map((_, other) =>
      other === index && device.pin === null && isAllowed(node, index, null)
        ? withPlace([OUTWEIGHS, 0, 0], digits, index, places.length)
        : null,
    )
    return [...inPlaces, ...left]
  })
  const found = cheapestMatching(costs, digits.parts)
  if (!found) return null
  const placeOf = found.columnOf.map((column) => (column < places.length ? column : null))
  if (![...used].every((at) => placeOf.includes(at))) return null
  // That a place is used was a condition, not a merit.
  const [first = 0, ...rest] = found.cost
  return { ...node, placeOf, cost: [first + used.size * OUTWEIGHS * OUTWEIGHS, ...rest] }
}

function isAllowed({ fixed, without }: Node, device: number, at: number | null): boolean {
  const there = fixed[device]
  if (there !== undefined && there !== at) return false
  return !without.some(([one, place]) => one === device && place === at)
}

/** Devices short and left out, bytes short, ports silenced and devices on the chipset. */
function costOf(
  problem: PlacementProblem,
  known: PlaceOf,
  isUsed: ReturnType<typeof usedOf>,
  device: Device,
  at: number,
  isWanted: boolean,
): Cost | null {
  const { places } = problem
  const place = places[at]
  const link = linkAt(problem, known, isUsed, device, at)
  if (!place || !link) return null
  const rate = rateOf(device, link.pcieGeneration, link.lanes)
  const short = Math.round(Math.max(0, device.needBytesPerSecond - rate))
  const root = place.giver === null ? place : places[known[place.giver] ?? -1]
  const counts = (short > 0 ? 1 : 0) - (isWanted ? OUTWEIGHS * OUTWEIGHS : 0)
  const onChipset = root?.origin === 'chipset' ? 1 : 0
  return [counts, short, place.silencesSataPorts * OUTWEIGHS + onChipset]
}

/** A cost with the place of a device as a digit of its own, so that lower places for earlier devices win. */
function withPlace(
  counts: Cost,
  { base, devicesPerPart, parts }: PlaceDigits,
  index: number,
  at: number,
): Cost {
  const cost = [...counts, ...Array<number>(parts - counts.length).fill(0)]
  const digit = devicesPerPart - 1 - (index % devicesPerPart)
  cost[PARTS_BEFORE_PLACES + Math.floor(index / devicesPerPart)] = at * base ** digit
  return cost
}

/** Whether a device goes there at all: by its edge, by its pin, and by what is passed on. */
function isOpenFor(
  { places, devices }: PlacementProblem,
  known: PlaceOf,
  index: number,
  at: number,
): boolean {
  const [place, device] = [places[at], devices[index]]
  if (!place || !device || !takes(place, device)) return false
  const { pin } = device
  if (place.giver === null) return pin === null || pin === place.number
  const giver = devices[place.giver]
  const under = places[known[place.giver] ?? -1]
  // A card that passes places on does not sit in one of another such card, or in itself.
  if (!giver || !under || device.gives > 0) return false
  if (giver.needsSplit && under.splitsInto && place.number > under.splitsInto) return false
  return pin === null || (pin === under.number && under.kind === device.kind)
}
