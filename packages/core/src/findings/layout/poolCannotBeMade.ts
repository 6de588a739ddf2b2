import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { lowerFirst, upperFirst } from '../../judging/words'

interface Facts {
  poolId: string
  /** Null when the whole pool is to blame. */
  groupId: string | null
  /** Why, in the words of its family. */
  why: string
}

/** A group is too narrow or too wide for its kind, or a member too small for ZFS. */
export const poolCannotBeMade: Rule<'pool-cannot-be-made', Facts> = {
  code: 'pool-cannot-be-made',
  step: 'drives',
  find: ({ lettered, capacity }) =>
    capacity.pools.flatMap(({ poolId, problem }) => {
      if (!problem) return []
      const group = lettered.find((one) => one.group.id === problem.groupId)?.group
      const driveIds = group?.driveIds ?? []
      const facts = { poolId, groupId: group?.id ?? null, why: problem.sentence }
      return found('blocks', { partIds: driveIds, groupIds: group ? [group.id] : [] }, facts, {
        fix: group ? { do: 'ungroup-drives', driveIds } : null,
      })
    }),
  sentence: ({ poolId, groupId, why }, { pool, letters }) =>
    `${groupId === null ? upperFirst(pool(poolId)) : `Group ${letters([groupId])}`} cannot be made: ${why.startsWith('ZFS') ? why : lowerFirst(why)}`,
}
