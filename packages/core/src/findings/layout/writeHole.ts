import { HOURS_PER_YEAR } from '../../power/energyPerYear'
import { growthBytesPerYear } from '../../design/brief'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { lowerFirst, upperFirst } from '../../units/firstLetter'
import { familyOf } from '../../pool/families'

interface Facts {
  poolId: string
  /** What is written between two parity runs at the brief's growth; 0 where parity is kept at once. */
  exposedBytes: number
}

/** Layouts that a power cut in the middle of an update can leave with parity that does not fit. */
export const writeHole: Rule<'write-hole', Facts> = {
  code: 'write-hole',
  step: 'drives',
  find: ({ brief, pools }) =>
    pools.flatMap((pool) => {
      if (pool.groups.length === 0 || !familyOf(pool).traits(pool).writeHole.exposed) return []
      const exposedBytes =
        pool.family === 'scheduled-parity'
          ? (growthBytesPerYear(brief) * pool.syncEveryHours) / HOURS_PER_YEAR
          : 0
      const groupIds = pool.groups.map(({ id }) => id)
      return found('note', { groupIds }, { poolId: pool.id, exposedBytes })
    }),
  sentence: ({ poolId, exposedBytes }, { pool, traits, format }) => {
    const { words = '', remedies = [] } = traits(poolId)?.writeHole ?? {}
    const atMost =
      exposedBytes > 0 ? ` At the brief’s growth that is about ${format.space(exposedBytes)}.` : ''
    return `${upperFirst(pool(poolId))}: ${lowerFirst(words)}${atMost} What helps: ${remedies.join('; ')}.`
  },
}
