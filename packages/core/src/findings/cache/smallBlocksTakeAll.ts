import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { RECORD_BYTES } from '../../services/serviceSize'

interface Facts {
  poolId: string
  smallBlockBytes: number
  recordBytes: number
}

/** A metadata device that takes blocks as large as records, so that all data goes to it until it is full. */
export const smallBlocksTakeAll: Rule<'small-blocks-take-all', Facts> = {
  code: 'small-blocks-take-all',
  step: 'cache',
  find: ({ services: { services } }) =>
    services.flatMap(({ service, pool, deviceIds }) => {
      const { role, smallBlockBytes } = service
      if (role !== 'metadata' || !pool || smallBlockBytes === null) return []
      if (smallBlockBytes < RECORD_BYTES) return []
      const fix = {
        do: 'put-service' as const,
        service: { ...service, smallBlockBytes: RECORD_BYTES / 2 },
      }
      const facts = { poolId: pool.id, smallBlockBytes, recordBytes: RECORD_BYTES }
      return found('risks', { partIds: deviceIds }, facts, { fix })
    }),
  sentence: ({ poolId, smallBlockBytes, recordBytes }, { pool, format }) =>
    `Blocks up to ${format.space(smallBlockBytes)} go to the metadata devices of ${pool(poolId)}, and its records are ${format.space(recordBytes)} where nothing else is set: every new file goes there until they are full. Keep the threshold below the record size.`,
}
