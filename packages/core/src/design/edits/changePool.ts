import { poolSchema } from '../../pool/families'
import type { DesignDocument } from '../document'

/**
 * Changes the name or a setting of a pool, as `{ ashift: 9 }` or `{ syncEveryHours: 6 }`. What its family
 * does not know, or would not take, changes nothing.
 */
export function changePool(
  document: DesignDocument,
  poolId: string,
  change: Record<string, unknown>,
): DesignDocument {
  return {
    ...document,
    pools: document.pools.map((pool) => {
      if (pool.id !== poolId) return pool
      const changed = poolSchema.safeParse({ ...pool, ...change })
      return changed.success ? changed.data : pool
    }),
  }
}
