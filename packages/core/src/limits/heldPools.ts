import type { Pool } from '../design/pools/pools'
import type { Given } from '../judging/given'

/** The pools that hold what must be kept; where all of them are for scratch, those. */
export function heldPools({ pools, tenants }: Pick<Given, 'pools' | 'tenants'>): readonly Pool[] {
  const holding = pools.filter(
    ({ id, groups }) => !tenants.scratchPoolIds.includes(id) && groups.length > 0,
  )
  return holding.length > 0 ? holding : pools
}
