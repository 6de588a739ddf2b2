import type { DesignDocument } from '../../design/document'
import { driveBytes } from '../../design/driveBytes'
import type { DataLoss } from '../dedicatedParity/dataLossByFailures'
import { familyOf } from '../families'
import { redundancyOf } from './redundancyOf'
import { type Survival, survivalByCounting } from './survivalByCounting'

export interface PoolSurvival {
  poolId: string
  survival: Survival
  /** What a failure beyond that takes along: all of the pool, or what the failed drives held. */
  beyond: 'pool' | 'failed drives'
  /** Where drives are readable alone: what is gone, by number of failures; else null. */
  dataLost: DataLoss[] | null
}

export interface SurvivalFigure {
  pools: PoolSurvival[]
  /** Failures survived whichever drives fail, in the weakest pool; null without a pool. */
  alwaysSurvived: number | null
}

/** Which failures do the pools of a design survive? A group too narrow for its parity bears none. */
export function designSurvival(document: DesignDocument): SurvivalFigure {
  const bytesOf = driveBytes(document)
  const pools = document.pools.flatMap((pool) => {
    const family = familyOf(pool)
    const sets = family.failureSets(pool)
    if (sets.length === 0) return []
    const survival = survivalByCounting(redundancyOf(sets))
    const dataLost = family.dataLost?.(pool, bytesOf) ?? null
    return [{ poolId: pool.id, survival, beyond: family.beyond, dataLost }]
  })
  const always = pools.map(({ survival }) => survival.alwaysSurvived)
  return { pools, alwaysSurvived: always.length > 0 ? Math.min(...always) : null }
}
