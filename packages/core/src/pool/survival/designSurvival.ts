import type { DesignDocument, Pool } from '../../design/document'
import { vdevKinds } from '../zfs/vdevKinds'
import { type RedundancyGroup, type Survival, survivalByCounting } from './survivalByCounting'

export interface PoolSurvival {
  poolId: string
  survival: Survival
}

export interface SurvivalFigure {
  pools: PoolSurvival[]
  /** Failures survived whichever drives fail, in the weakest pool; null without a pool. */
  alwaysSurvived: number | null
}

/** Which failures do the pools of a design survive? A group too narrow for its parity bears none. */
export function designSurvival(document: DesignDocument): SurvivalFigure {
  const pools = document.pools
    .filter(({ groups }) => groups.length > 0)
    .map((pool) => ({ poolId: pool.id, survival: survivalByCounting(redundancyGroups(pool)) }))
  const always = pools.map(({ survival }) => survival.alwaysSurvived)
  return { pools, alwaysSurvived: always.length > 0 ? Math.min(...always) : null }
}

/** The groups of a pool as the counting sees them. */
export function redundancyGroups(pool: Pool): RedundancyGroup[] {
  return pool.groups.map(({ kind, driveIds }) => {
    const width = driveIds.length
    const { minimumMembers, bearsFailures } = vdevKinds[kind]
    return { width, bears: width < minimumMembers ? 0 : bearsFailures(width) }
  })
}
