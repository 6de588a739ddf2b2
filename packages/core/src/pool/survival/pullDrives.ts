import type { DesignDocument } from '../../design/document'
import { redundancyGroups } from './designSurvival'

export interface PulledPool {
  poolId: string
  /** `whole`: nothing of it is gone. `degraded`: it runs on. `lost`: its data is gone. */
  state: 'whole' | 'degraded' | 'lost'
  /** Groups that lost a member, with how many more each would bear. */
  hurt: { groupId: string; gone: number; bearsMore: number }[]
  /** Drives of which any one more would lose the pool; empty when it is lost already. */
  fatalNextIds: string[]
}

/**
 * What becomes of each pool when these drives fail at once?
 *
 * A pool is lost as soon as one of its groups loses more members than it bears.
 *
 * @example one drive of a mirrored pair: degraded, and its partner is fatal next
 */
export function pullDrives(
  { pools }: Pick<DesignDocument, 'pools'>,
  pulledIds: readonly string[],
): PulledPool[] {
  const pulled = new Set(pulledIds)
  return pools
    .filter(({ groups }) => groups.length > 0)
    .map((pool) => {
      const bears = redundancyGroups(pool)
      const groups = pool.groups.map(({ id, driveIds }, index) => {
        const gone = driveIds.filter((driveId) => pulled.has(driveId)).length
        return { groupId: id, driveIds, gone, bearsMore: (bears[index]?.bears ?? 0) - gone }
      })
      const lost = groups.some(({ gone, bearsMore }) => gone > 0 && bearsMore < 0)
      const hurt = groups.filter(({ gone }) => gone > 0)
      return {
        poolId: pool.id,
        state: lost ? 'lost' : hurt.length > 0 ? 'degraded' : 'whole',
        hurt: hurt.map(({ groupId, gone, bearsMore }) => ({ groupId, gone, bearsMore })),
        fatalNextIds: lost
          ? []
          : groups
              .filter(({ bearsMore }) => bearsMore === 0)
              .flatMap(({ driveIds }) => driveIds.filter((driveId) => !pulled.has(driveId))),
      }
    })
}

/** The fewest failures that lose a pool, and in which group they are. */
export interface FatalSet {
  poolId: string
  failures: number
  /** Every group in which that many are enough. */
  groupIds: string[]
}

/**
 * How few failures can lose each pool, and where?
 *
 * @example two groups of double parity: 3 failures, in either group
 */
export function smallestFatalSets({ pools }: Pick<DesignDocument, 'pools'>): FatalSet[] {
  return pools
    .filter(({ groups }) => groups.length > 0)
    .map((pool) => {
      const bears = redundancyGroups(pool).map((group) => group.bears)
      const least = Math.min(...bears)
      return {
        poolId: pool.id,
        failures: least + 1,
        groupIds: pool.groups.flatMap(({ id }, index) => (bears[index] === least ? [id] : [])),
      }
    })
}
