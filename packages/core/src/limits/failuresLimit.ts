import type { Limit } from '../judging/limit'
import { exactly, exactOf } from '../units/amount'

interface Facts {
  failuresWanted: number
  /** The pool that survives fewest; null where no other survives more. */
  poolId: string | null
}

/** Failures that must be survived, whichever drives they hit. */
export const failuresLimit: Limit<'failures', Facts> = {
  id: 'failures',
  title: 'Failures survived',
  dependsOn: ['drives', 'layout'],
  judge: ({ brief: { failuresWanted }, survival, tenants }) => {
    if (failuresWanted === null) return null
    const { alwaysSurvived, weakestPoolId, pools } = survival
    const bound = { least: failuresWanted }
    if (alwaysSurvived === null) {
      return { bound, has: null, facts: { failuresWanted, poolId: null } }
    }
    const isApart = pools.some(
      (one) =>
        !tenants.scratchPoolIds.includes(one.poolId) &&
        one.survival.alwaysSurvived > alwaysSurvived,
    )
    return {
      bound,
      has: exactly(alwaysSurvived, 'pieces'),
      facts: { failuresWanted, poolId: isApart ? weakestPoolId : null },
    }
  },
  wanted: ({ facts }) => `any ${facts.failuresWanted}`,
  has: ({ has, facts }, { pool }) => {
    if (has === null) return 'no pool yet'
    const where = facts.poolId === null ? '' : ` in ${pool(facts.poolId)}`
    const survived = exactOf(has)
    return survived === 0 ? `none${where}` : `any ${survived}${where}`
  },
}
