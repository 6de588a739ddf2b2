import type { DataKind } from '../design/brief'
import type { Given } from '../judging/given'
import { type Bound, type LimitStatus, statusOf } from '../judging/statusOf'
import { readersNow, shareOfWanted } from '../paths/readersNow'
import { type Amount, exactly } from '../units/amount'
import { poolOutage } from './poolOutage'

/** What a pool is for, from what lives there. */
export type PoolRole = 'bulk' | 'projects' | 'guests' | 'backups' | 'scratch'

export const ROLE_OF_KIND: Record<DataKind, PoolRole> = {
  media: 'bulk',
  projects: 'projects',
  backups: 'backups',
  'machine images': 'guests',
  other: 'bulk',
}

/** A wish of the brief, held against one pool. */
export interface PoolWish {
  has: Amount
  bound: Bound
  status: LimitStatus
}

/** How one pool stands to what lives there; a wish is null where the brief has none, or where it does not concern it. */
export interface PoolStanding {
  poolId: string
  /** Empty where only what is placed nowhere can live. */
  roles: PoolRole[]
  kinds: DataKind[]
  space: PoolWish | null
  failures: PoolWish | null
  outage: PoolWish | null
  /** Of those who read from it, the one furthest below what they want. */
  readers: PoolWish | null
}

/** How does each pool stand to what lives there? A pool for scratch has nothing to keep. */
export function poolStandings(given: Given): PoolStanding[] {
  const { brief, pools, network, tenants, machine, survival, capacity } = given
  const reading = readersNow({ brief, pools, network, tenants }, machine, null)
  return pools.map((pool): PoolStanding => {
    const poolId = pool.id
    if (tenants.scratchPoolIds.includes(poolId)) {
      const none = { space: null, failures: null, outage: null, readers: null }
      return { poolId, roles: ['scratch'], kinds: [], ...none }
    }
    const home = capacity.housing.homes.find((one) => one.poolId === poolId)
    const survived = survival.pools.find((one) => one.poolId === poolId)?.survival.alwaysSurvived
    const outage = brief.outageHoursTolerated === null ? null : poolOutage(given, pool)
    const kinds = home?.kinds ?? []
    const [slowest] = reading.readers
      .filter((one) => one.poolId === poolId && one.wantsBytesPerSecond > 0)
      .toSorted((one, other) => shareOfWanted(one) - shareOfWanted(other))
    return {
      poolId,
      roles: [...new Set(kinds.map((kind) => ROLE_OF_KIND[kind]))],
      kinds,
      space: home && home.wantedBytes > 0 ? least(home.workingBytes, 'B', home.wantedBytes) : null,
      failures:
        brief.failuresWanted === null || survived === undefined
          ? null
          : least(survived, 'pieces', brief.failuresWanted),
      outage:
        outage && brief.outageHoursTolerated !== null
          ? wish(outage, { most: brief.outageHoursTolerated })
          : null,
      readers: slowest
        ? wish(exactly(slowest.bytesPerSecond, 'B/s', reading.missing), {
            least: slowest.wantsBytesPerSecond,
          })
        : null,
    }
  })
}

const wish = (has: Amount, bound: Bound): PoolWish => ({ has, bound, status: statusOf(has, bound) })
const least = (value: number, unit: Amount['unit'], wanted: number): PoolWish =>
  wish(exactly(value, unit), { least: wanted })
