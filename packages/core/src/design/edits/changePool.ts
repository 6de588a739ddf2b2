import { poolSchema } from '../pools/pools'
import type { Design } from '../design'

/**
 * Changes the name or a setting of a pool, as `{ ashift: 9 }` or `{ syncEveryHours: 6 }`. What its family
 * does not know, or would not take, changes nothing.
 */
export function changePool(
  design: Design,
  poolId: string,
  change: Record<string, unknown>,
): Design {
  return {
    ...design,
    pools: design.pools.map((pool) => {
      if (pool.id !== poolId) return pool
      const changed = poolSchema.safeParse({ ...pool, ...change })
      return changed.success ? changed.data : pool
    }),
  }
}
