import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'

interface Facts {
  poolId: string
  tolerates: number
  poolTolerates: number
}

/** The metadata devices of a pool tolerate fewer failures than the pool, which is lost with them. */
export const metadataWeakerThanPool: Rule<'metadata-weaker-than-pool', Facts> = {
  code: 'metadata-weaker-than-pool',
  step: 'cache',
  find: ({ services: { services }, survival }) =>
    services.flatMap(({ service, deviceIds, pool, tolerates }) => {
      if (service.role !== 'metadata' || !pool || deviceIds.length === 0) return []
      const poolTolerates =
        survival.pools.find(({ poolId }) => poolId === pool.id)?.survival.alwaysSurvived ?? 0
      if (tolerates >= poolTolerates) return []
      return found('blocks', { partIds: deviceIds }, { poolId: pool.id, tolerates, poolTolerates })
    }),
  sentence: ({ poolId, tolerates, poolTolerates }, { pool, format }) =>
    `${upperFirst(pool(poolId))} survives any ${format.counted(poolTolerates, 'failure')}, its metadata devices ${tolerates === 0 ? 'none' : format.number(tolerates)}: all of the pool is lost with them. Mirror them over ${format.counted(poolTolerates + 1, 'device')}.`,
}
