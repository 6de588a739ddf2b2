import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  poolId: string
  fillCeiling: number
  snapshotReserve: number
}

/** A pool that is there, and house rules that leave nothing of it. */
export const nothingUsable: Rule<'nothing-usable', Facts> = {
  code: 'nothing-usable',
  step: 'brief',
  find: ({ pools, houseRules, capacity }) => {
    const { fillCeiling, snapshotReserve } = houseRules
    return capacity.pools.flatMap(({ poolId, availableBytes, workingBytes }) => {
      if (availableBytes === 0 || workingBytes > 0) return []
      const pool = pools.find(({ id }) => id === poolId)
      const groupIds = (pool?.groups ?? []).map(({ id }) => id)
      return found('blocks', { groupIds }, { poolId, fillCeiling, snapshotReserve })
    })
  },
  sentence: ({ poolId, fillCeiling, snapshotReserve }, { pool, format }) =>
    `Nothing of ${pool(poolId)} is left for files: it is to be filled to ${format.percent(fillCeiling)}, and snapshots are to keep ${format.percent(snapshotReserve)} of it.`,
}
