import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { rebuild } from '../../paths/scenarios/rebuild'
import { scenarioRates } from '../../paths/scenarioRates'
import { upperFirst } from '../../units/firstLetter'
import { SECONDS_PER_HOUR } from '../../units/time'

interface Facts {
  poolId: string
  drives: number
  alwaysSurvived: number
  /** From its beginning, with a full pool and nobody else at work; null where nothing can be worked out. */
  hours: number | null
}

/** A pool that is writing the share of a new member: what it survives until that is done, and how long it takes. */
export const poolRebuilding: Rule<'pool-rebuilding', Facts> = {
  code: 'pool-rebuilding',
  step: 'drives',
  find: ({ brief, pools, network, tenants, machine, survival }) =>
    survival.pools.flatMap(({ poolId, state, awayIds, survival: { alwaysSurvived } }) => {
      const pool = pools.find(({ id }) => id === poolId)
      if (state !== 'rebuilding' || !pool) return []
      const groups = pool.groups.filter(({ driveIds }) =>
        driveIds.some((id) => awayIds.includes(id)),
      )
      const design = { brief, pools, network, tenants }
      const choice = { groupId: groups[0]?.id ?? null, readers: null, poolId }
      const { seconds } = scenarioRates(design, machine, rebuild, choice)
      const hours = seconds === null ? null : seconds / SECONDS_PER_HOUR
      const facts = { poolId, drives: awayIds.length, alwaysSurvived, hours }
      return found('risks', { partIds: awayIds, groupIds: groups.map(({ id }) => id) }, facts)
    }),
  sentence: ({ poolId, drives, alwaysSurvived, hours }, { pool, format }) => {
    const meanwhile =
      alwaysSurvived > 0
        ? `it still survives any ${format.counted(alwaysSurvived, 'failure')}`
        : 'it survives no failure: put nothing on it that is nowhere else, and leave it alone as far as you can'
    const takes =
      hours === null ? '' : ` A full one takes ${format.number(hours)} h while nobody else reads.`
    return `${upperFirst(pool(poolId))} is being rebuilt onto ${format.counted(drives, 'drive')}, and until that is done ${meanwhile}.${takes}`
  },
}
