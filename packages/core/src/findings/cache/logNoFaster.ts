import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { slowestWait, syncWriteWait } from '../../services/syncWriteWait'

interface Facts {
  poolId: string
  logMicroseconds: number
  poolMicroseconds: number
}

/** A write log that keeps a small write no sooner than the drives of its pool do. */
export const logNoFaster: Rule<'log-no-faster', Facts> = {
  code: 'log-no-faster',
  step: 'cache',
  find: ({ services: { services }, machine }) =>
    services.flatMap(({ service, pool, deviceIds, waitMicroseconds: wait }) => {
      if (service.role !== 'write log' || !pool || !wait) return []
      const members = pool.groups
        .flatMap(({ driveIds }) => driveIds)
        .flatMap((id) => machine.pieces.get(id)?.dataSheet ?? [])
      const ofPool = slowestWait(
        members.flatMap((sheet) => (sheet.kind === 'drive' ? syncWriteWait(sheet) : [])),
      )
      if (!ofPool || wait.likely < ofPool.likely) return []
      const facts = {
        poolId: pool.id,
        logMicroseconds: wait.likely,
        poolMicroseconds: ofPool.likely,
      }
      return found('note', { partIds: deviceIds }, facts)
    }),
  sentence: ({ poolId, logMicroseconds, poolMicroseconds }, { pool, format }) =>
    `The write log of ${pool(poolId)} keeps a small write after about ${format.number(logMicroseconds)} µs, the pool itself after about ${format.number(poolMicroseconds)} µs: it makes nothing faster.`,
}
