import type { PieceId } from '../piece'
import { type Device, type Place, type PlacementProblem, takes } from './places'

/** All sets of so many devices are tried; larger ones are come by otherwise. */
const MOST_SEARCHED = 2

/**
 * Which devices are the fewest that cannot all be placed together?
 *
 * A slot that takes a long edge takes every shorter one, so too many edges for too few slots show by length
 * alone: of all lengths the one counts for which the fewest devices are too many. Sockets, and slots that go
 * dead while others are used, are looked at by trying single devices and pairs; after that devices are left out
 * one after the other as long as the rest still does not fit, so that none is named that could be left out.
 *
 * @param fits whether some of the devices can all be placed
 * @returns ids of the devices; empty when all find a place or no small set says why
 * Two ×16 cards for one slot: both of them, whatever else is there.
 */
export function devicesInConflict(
  { places, devices }: PlacementProblem,
  fits: (devices: readonly Device[]) => boolean,
): PieceId[] {
  const byLength = conflictByLength(
    places,
    devices.filter(({ kind }) => kind === 'slot'),
  )
  if (byLength.length > 0) return byLength
  for (let size = 1; size <= Math.min(MOST_SEARCHED, devices.length); size += 1) {
    for (const some of subsetsOf(devices, size)) {
      if (!fits(some)) return some.map(({ pieceId }) => pieceId)
    }
  }
  if (fits(devices)) return []
  const needed = devices.reduce((some, one) => {
    const rest = some.filter((other) => other !== one)
    return fits(rest) ? some : rest
  }, devices)
  return needed.map(({ pieceId }) => pieceId)
}

function conflictByLength(places: readonly Place[], devices: readonly Device[]): PieceId[] {
  let fewest: Device[] = []
  for (const lanes of new Set(devices.map((device) => device.lanes))) {
    const long = devices.filter((device) => device.lanes >= lanes)
    const room = places.filter((place) => long.some((device) => takes(place, device))).length
    if (long.length <= room) continue
    const some = long.slice(0, room + 1)
    if (fewest.length === 0 || some.length < fewest.length) fewest = some
  }
  return fewest.map(({ pieceId }) => pieceId)
}

function subsetsOf<T>(all: readonly T[], size: number): T[][] {
  if (size === 0) return [[]]
  return all.flatMap((first, index) =>
    subsetsOf(all.slice(index + 1), size - 1).map((rest) => [first, ...rest]),
  )
}
