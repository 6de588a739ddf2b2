import { familyOf } from '../../pool/families'
import { directedLinks } from '../directedLinks'
import { sharedUses, type SharedWay } from '../sharedUses'
import type { Scenario } from './scenario'

/**
 * One drive of the chosen group, or of the largest set that redundancy covers, is made anew: all others of the set are read and it is
 * written, all at the same rate.
 */
export const rebuild: Scenario = {
  id: 'rebuild',
  title: 'Rebuild of one drive',
  about: 'One drive of a group is written from all the others of the group.',
  asks: 'group',
  flowsOf: (design, machine, { groupId }) => {
    const { drivePaths } = machine
    const wayOf = new Map(drivePaths.map(({ driveId, links }) => [driveId, links]))
    const sets = design.pools
      .flatMap((pool) => familyOf(pool).failureGroups(pool))
      .filter(({ groupIds }) => groupId === null || groupIds.includes(groupId))
      .filter(({ tolerates, driveIds }) => tolerates > 0 && driveIds.every((id) => wayOf.has(id)))
      .sort((one, other) => other.driveIds.length - one.driveIds.length)
    const [widest] = sets
    if (!widest) return { flows: [] }
    const { driveIds } = widest
    // The new one may be any of them: the last stands for it.
    const ways = driveIds.map((id, at): SharedWay => {
      const direction = at === driveIds.length - 1 ? 'out' : 'in'
      return { links: wayOf.get(id) ?? [], direction, share: 1 }
    })
    return {
      flows: [
        {
          id: 'rebuild',
          uses: sharedUses(directedLinks(machine.links), ways),
          mostBytesPerSecond: Infinity,
        },
      ],
      surfacesOf: new Map([['rebuild', driveIds]]),
    }
  },
}
