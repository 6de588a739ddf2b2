import { found } from '../../judging/finding'
import { FLUSH_SECONDS } from '../../services/writeLogSizes'
import type { Rule } from '../../judging/rule'

interface Facts {
  poolId: string
  seconds: number
}

/** A write log of one device: enough while the machine runs, not when it dies together with the machine. */
export const logNotMirrored: Rule<'log-not-mirrored', Facts> = {
  code: 'log-not-mirrored',
  step: 'cache',
  find: ({ services: { services } }) =>
    services.flatMap(({ service, deviceIds, pool, tolerates }) => {
      if (service.role !== 'write log' || !pool || deviceIds.length === 0 || tolerates > 0)
        return []
      return found('note', { partIds: deviceIds }, { poolId: pool.id, seconds: FLUSH_SECONDS })
    }),
  sentence: ({ poolId, seconds }, { pool, format }) =>
    `The write log of ${pool(poolId)} is not mirrored: if it fails while the machine runs, nothing is lost; if it fails together with a crash, the last ${format.number(seconds)} seconds of writes that waited for it are.`,
  houseRule: () =>
    'Some mirror every log; others take that risk at home, since both must happen at once.',
}
