import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  poolId: string
}

/** A write log that nothing of the brief writes to. */
export const logUnused: Rule<'log-unused', Facts> = {
  code: 'log-unused',
  step: 'cache',
  find: ({ services: { services } }) =>
    services.flatMap(({ service, deviceIds, pool, writtenBytesPerDay }) => {
      if (service.role !== 'write log' || !pool || deviceIds.length === 0) return []
      if (writtenBytesPerDay > 0) return []
      const fix = { do: 'remove-service' as const, serviceId: service.id }
      return found('note', { partIds: deviceIds }, { poolId: pool.id }, { fix })
    }),
  sentence: ({ poolId }, { pool }) =>
    `Nothing of the brief waits for the write log of ${pool(poolId)}: file shares and backups mostly do not, images of machines and databases do. Without those it does nothing.`,
}
