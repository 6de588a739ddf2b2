import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { familyOf } from '../../pool/families'

interface Facts {
  groupId: string
  poolId: string
  /** Whether the pool has other groups, which go with this one. */
  hasOthers: boolean
}

/** A group without redundancy takes the whole pool with it. */
export const noRedundancy: Rule<'no-redundancy', Facts> = {
  code: 'no-redundancy',
  step: 'drives',
  find: ({ lettered, pools }) => {
    const setsOf = new Map(pools.map((pool) => [pool.id, familyOf(pool).failureGroups(pool)]))
    return lettered.flatMap(({ group, pool }) => {
      const sets = setsOf.get(pool.id) ?? []
      const isBare = sets.some(
        ({ by, groupIds }) => by === 'nothing' && groupIds.includes(group.id),
      )
      if (!isBare) return []
      const facts = { groupId: group.id, poolId: pool.id, hasOthers: sets.length > 1 }
      return found('risks', { partIds: group.driveIds, groupIds: [group.id] }, facts)
    })
  },
  sentence: ({ groupId, poolId, hasOthers }, { letters, pool }) =>
    hasOthers
      ? `Group ${letters([groupId])} has no redundancy: one failed drive in it loses all of ${pool(poolId)}, the other groups included.`
      : `Group ${letters([groupId])} has no redundancy: the first drive that fails loses all of ${pool(poolId)}.`,
}
