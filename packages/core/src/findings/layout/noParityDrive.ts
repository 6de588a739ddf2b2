import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'

interface Facts {
  poolId: string
}

/** An array whose parity drive is away, or was taken out: it can be read and written, and nothing stands in for a failed drive. */
export const noParityDrive: Rule<'no-parity-drive', Facts> = {
  code: 'no-parity-drive',
  step: 'drives',
  find: ({ pools, survival }) =>
    survival.pools.flatMap(({ poolId, state }) => {
      const pool = pools.find(({ id }) => id === poolId)
      if (state !== 'without parity' || !pool) return []
      return found('risks', { groupIds: pool.groups.map(({ id }) => id) }, { poolId })
    }),
  sentence: ({ poolId }, { pool }) =>
    `${upperFirst(pool(poolId))} has no parity drive at the moment: every drive that fails takes its files along. Put only on it what is elsewhere too.`,
}
