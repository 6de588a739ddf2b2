import type { PieceId } from '../../machine/piece'
import { familyOf } from '../../pool/families'
import { directedLinks } from '../directedLinks'
import { sharedUses, type SharedWay } from '../sharedUses'
import type { Scenario } from './scenario'

/**
 * One drive of the chosen group, or of the largest set that redundancy covers, is made anew, all at the same rate: all
 * others of the set are read and it is written, or each of them is read and written in part.
 */
export const rebuild: Scenario = {
  id: 'rebuild',
  title: 'Rebuild of one drive',
  about: 'One drive of a group is written from all the others of the group.',
  asks: { group: 'the widest', pool: 'all of them' },
  flowsOf: (design, machine, { groupId, poolId }) => {
    const { drivePaths } = machine
    const wayOf = new Map(drivePaths.map(({ driveId, links }) => [driveId, links]))
    const sets = design.pools
      .filter(({ id }) => poolId === null || id === poolId)
      .flatMap((pool) => familyOf(pool).failureGroups(pool))
      .filter(({ groupIds }) => groupId === null || groupIds.includes(groupId))
      .filter(({ tolerates, driveIds }) => tolerates > 0 && driveIds.every((id) => wayOf.has(id)))
      .sort((one, other) => other.driveIds.length - one.driveIds.length)
    const [widest] = sets
    if (!widest) return { flows: [] }
    const { driveIds, spreadSpareReads } = widest
    const loads =
      spreadSpareReads === undefined ? ontoNewDrive(driveIds) : ontoAll(driveIds, spreadSpareReads)
    const ways = loads.flatMap(({ driveId, reads, writes }): SharedWay[] => {
      const links = wayOf.get(driveId) ?? []
      const both = [
        { links, direction: 'in', share: reads },
        { links, direction: 'out', share: writes },
      ] as const
      return both.filter(({ share }) => share > 0)
    })
    return {
      flows: [
        {
          id: 'rebuild',
          uses: sharedUses(directedLinks(machine.links), ways),
          mostBytesPerSecond: Infinity,
        },
      ],
      surfacesOf: new Map([
        ['rebuild', loads.map(({ driveId, reads, writes }) => ({ driveId, load: reads + writes }))],
      ]),
    }
  },
}

/** What a drive reads and writes for each byte of the lost one. */
interface RebuildLoad {
  driveId: PieceId
  reads: number
  writes: number
}

/** All others are read and one is written. The new one may be any of them: the last stands for it. */
function ontoNewDrive(driveIds: readonly PieceId[]): RebuildLoad[] {
  return driveIds.map((driveId, at) => {
    const isNew = at === driveIds.length - 1
    return { driveId, reads: isNew ? 0 : 1, writes: isNew ? 1 : 0 }
  })
}

/** Every piece is made from some of the others and goes onto the spare space of one: all of them share both. */
function ontoAll(driveIds: readonly PieceId[], readsEach: number): RebuildLoad[] {
  const left = driveIds.slice(0, -1)
  return left.map((driveId) => ({
    driveId,
    reads: readsEach / left.length,
    writes: 1 / left.length,
  }))
}
