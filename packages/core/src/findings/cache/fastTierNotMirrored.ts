import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  poolId: string
  hours: number
}

/** Files on a fast tier of one device have no redundancy until they are moved on. */
export const fastTierNotMirrored: Rule<'fast-tier-not-mirrored', Facts> = {
  code: 'fast-tier-not-mirrored',
  step: 'cache',
  find: ({ services: { services } }) =>
    services.flatMap(({ service, deviceIds, pool, tolerates }) => {
      const { role, movedEveryHours } = service
      if (role !== 'fast tier' || !pool || deviceIds.length === 0 || tolerates > 0) return []
      return found('risks', { partIds: deviceIds }, { poolId: pool.id, hours: movedEveryHours })
    }),
  sentence: ({ poolId, hours }, { pool, format }) =>
    `Files that are new on ${pool(poolId)} have no redundancy for up to ${format.counted(hours, 'hour', 'hours', 1)}, until they are moved off its fast tier. Mirror it, or move files more often.`,
}
