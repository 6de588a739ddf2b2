import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'
import { type PoolProblem, poolProblemWords } from '../../pool/poolProblem'

interface Facts {
  poolId: string
  /** Null when the whole pool is to blame. */
  groupId: string | null
  why: PoolProblem
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
      const facts = { poolId, groupId: group?.id ?? null, why: problem.why }
      return found('blocks', { partIds: driveIds, groupIds: group ? [group.id] : [] }, facts, {
        fix: group ? { do: 'ungroup-drives', driveIds } : null,
      })
    }),
  sentence: ({ poolId, groupId, why }, { pool, letters, format }) =>
    `${groupId === null ? upperFirst(pool(poolId)) : `Group ${letters([groupId])}`} cannot be made: ${poolProblemWords(why, format)}`,
}
