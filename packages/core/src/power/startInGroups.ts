import type { SpinUp } from '../design/design'
import type { Machine } from '../machine/machine'
import { spinUpSecondsOf } from './startCurve'
import { startGroups } from './startGroups'
import { startSurge } from './startSurge'

/**
 * How many drives may start at once for the supplies to carry it, so many seconds apart that the last ones turn?
 *
 * @returns null where even one after another is too much, or where the rating is not known
 */
export function startInGroups(machine: Machine): SpinUp | null {
  const drives = startGroups(machine, null).flatMap((group) => group.drives)
  const secondsApart = Math.ceil(Math.max(0, ...drives.map(spinUpSecondsOf)))
  const holds = (drivesAtOnce: number): boolean =>
    (['twelve', 'five'] as const).every((rail) => {
      const surge = startSurge(machine, { drivesAtOnce, secondsApart }, rail)
      return surge !== null && (surge.ratedAmps === 0 || surge.amps <= surge.ratedAmps)
    })
  for (let drivesAtOnce = drives.length; drivesAtOnce >= 1; drivesAtOnce -= 1) {
    if (holds(drivesAtOnce)) return { drivesAtOnce, secondsApart }
  }
  return null
}
