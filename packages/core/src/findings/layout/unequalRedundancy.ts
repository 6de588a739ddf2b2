import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'
import { familyOf } from '../../pool/families'

interface Facts {
  poolId: string
  weakestIds: readonly string[]
  least: number
  most: number
  /** Whether mirrors and parity are mixed, though each tolerates as many failures. */
  mixesKinds: boolean
}

/**
 * A pool is as strong as its weakest group, so parity in the others is partly paid for nothing. Mirrors beside
 * parity of equal strength are mixed too: `zpool create` refuses "mismatched replication level" unless forced
 * (zpool-create(8), option -f).
 */
export const unequalRedundancy: Rule<'unequal-redundancy', Facts> = {
  code: 'unequal-redundancy',
  step: 'drives',
  find: ({ pools }) =>
    pools.flatMap((pool) => {
      const sets = familyOf(pool).failureGroups(pool)
      const tolerates = sets.map((set) => set.tolerates)
      const least = Math.min(...tolerates)
      const most = Math.max(...tolerates)
      if (tolerates.length < 2 || least === 0) return []
      const mixesKinds = pool.family === 'zfs' && new Set(sets.map(({ by }) => by)).size > 1
      if (least === most && !mixesKinds) return []
      const weakest = least === most ? sets : sets.filter((set) => set.tolerates === least)
      const weakestIds = weakest.flatMap((set) => set.groupIds)
      const about = {
        partIds: weakest.flatMap(({ driveIds }) => driveIds),
        groupIds: weakestIds,
      }
      return found('note', about, { poolId: pool.id, weakestIds, least, most, mixesKinds })
    }),
  sentence: ({ poolId, weakestIds, least, most }, { pool, letters, format }) =>
    least === most
      ? `${upperFirst(pool(poolId))} mixes mirrors and parity in groups ${letters(weakestIds)}: each survives any ${format.counted(least, 'failure')}, but ZFS makes such a pool only when forced, and it is as slow as its slowest group.`
      : `${upperFirst(pool(poolId))} survives any ${format.counted(least, 'failure')}, because group${weakestIds.length > 1 ? 's' : ''} ${letters(weakestIds)} tolerate${weakestIds.length > 1 ? '' : 's'} no more, though another group tolerates ${most}.`,
}
