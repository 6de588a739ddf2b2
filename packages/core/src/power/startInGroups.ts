import type { SpinUp } from '../design/design'
import { type Machine, piecesOf } from '../machine/machine'
import { curveOf, type Rail, restAmps, spinUpSecondsOf } from './startCurve'
import { groupsOf, startingDrives } from './startGroups'
import { ratedAmps } from './startSurge'

const RAILS: readonly Rail[] = ['twelve', 'five']

/**
 * How many drives may start at once for the supplies to carry it, so many seconds apart that the last ones turn?
 *
 * @returns null where even one after another is too much, and without drives or a supply
 */
export function startInGroups(machine: Machine): SpinUp | null {
  const drives = startingDrives(machine)
  const supplies = piecesOf(machine, 'supply')
  const secondsApart = Math.ceil(Math.max(0, ...drives.map(spinUpSecondsOf)))
  const rest = restAmps(machine)
  const holds = (drivesAtOnce: number): boolean => {
    const { peak } = curveOf(groupsOf(drives, { drivesAtOnce, secondsApart }), rest)
    return RAILS.every((rail) => {
      const rated = ratedAmps(supplies, rail)
      return rated === 0 || peak[rail] <= rated
    })
  }
  if (drives.length === 0 || supplies.length === 0 || !holds(1)) return null
  // More at once never take less, so the most is found by halving.
  let [held, tooMany] = [1, drives.length + 1]
  while (tooMany - held > 1) {
    const middle = Math.floor((held + tooMany) / 2)
    if (holds(middle)) held = middle
    else tooMany = middle
  }
  return { drivesAtOnce: held, secondsApart }
}
