import type { Pool } from '../design/pools/pools'
import type { PieceId } from '../machine/piece'
import { familyOf } from '../pool/families'
import type { PoolCapacity } from '../pool/layoutFamily'
import { PoolError } from '../pool/poolError'

/** What a pool holds; null for one that cannot be made: nobody knows what of its drives would be used. */
export function poolCapacity(
  pool: Pool,
  bytesOf: ReadonlyMap<PieceId, number>,
): PoolCapacity | null {
  try {
    return familyOf(pool).capacityOf(pool, bytesOf)
  } catch (error) {
    if (error instanceof PoolError) return null
    throw error
  }
}
