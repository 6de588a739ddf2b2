import type { Pool } from '../../design/design'
import type { Tenants } from '../../design/tenants'
import type { Machine } from '../../machine/machine'
import type { DataLoss } from '../dedicatedParity/dataLossByFailures'
import { familyOf } from '../families'
import { membersAway, poolState, type PoolStateName } from '../poolState'
import { countedGroups } from './countedGroups'
import { type Survival, survivalByCounting } from './survivalByCounting'

export interface PoolSurvival {
  poolId: string
  /** With the drives that are there; a pool that is down survives none. */
  survival: Survival
  /** What a failure beyond that takes along: all of the pool, or what the failed drives held. */
  beyond: 'pool' | 'failed drives'
  /** Where drives are readable alone: what is gone, by number of failures; else null. */
  dataLost: DataLoss[] | null
  state: PoolStateName
  /** Members that are on the bench, sent back, without a place, or being rebuilt. */
  awayIds: string[]
}

export interface SurvivalFigure {
  pools: PoolSurvival[]
  /** Failures survived whichever drives fail, in the weakest pool that holds data; null without one. */
  alwaysSurvived: number | null
  /** The first pool that survives no more than that. */
  weakestPoolId: string | null
}

/**
 * Which failures do the pools of a design survive, as they stand? A group too narrow for its parity tolerates
 * none, and a member that is away is one failure that has happened already.
 */
export function designSurvival(
  design: { pools: readonly Pool[]; tenants: Pick<Tenants, 'scratchPoolIds'> },
  bytesOf: ReadonlyMap<string, number>,
  machine: Pick<Machine, 'awayIds' | 'rebuildingIds'>,
): SurvivalFigure {
  const away = membersAway(machine)
  const rebuilding = new Set(machine.rebuildingIds)
  const pools = design.pools.flatMap((pool) => {
    const family = familyOf(pool)
    const standing = poolState(pool, away, rebuilding)
    const groups = standing.groups.filter(({ driveIds }) => driveIds.length > 0)
    if (standing.groups.length === 0) return []
    const survival = survivalByCounting(countedGroups(groups))
    const dataLost = family.dataLost?.(pool, bytesOf) ?? null
    const { state } = standing
    return [
      {
        poolId: pool.id,
        survival,
        beyond: family.beyond,
        dataLost,
        state,
        awayIds: standing.awayIds,
      },
    ]
  })
  // Nobody minds losing scratch, so it is not what counts while there is anything else.
  const { scratchPoolIds } = design.tenants
  const [weakest] = pools
    .filter(({ poolId }) => !scratchPoolIds.includes(poolId))
    .toSorted((one, other) => one.survival.alwaysSurvived - other.survival.alwaysSurvived)
  return {
    pools,
    alwaysSurvived: weakest?.survival.alwaysSurvived ?? null,
    weakestPoolId: weakest?.poolId ?? null,
  }
}
