import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'
import { familyOf } from '../../pool/families'

interface Facts {
  poolId: string
}

/** Layouts that carry a standing warning, however well the rest fits. */
export const experimentalLayout: Rule<'experimental-layout', Facts> = {
  code: 'experimental-layout',
  step: 'drives',
  find: ({ pools }) =>
    pools.flatMap((pool) => {
      if (pool.groups.length === 0 || familyOf(pool).traits(pool).warning === null) return []
      const groupIds = pool.groups.map(({ id }) => id)
      return found('risks', { groupIds }, { poolId: pool.id })
    }),
  sentence: ({ poolId }, { pool, traits }) =>
    `${upperFirst(pool(poolId))}: ${traits(poolId)?.warning ?? ''}`,
  houseRule: () =>
    'Convenient for mixed sizes, say some; others keep it off data they care about, which is the rule here.',
}
