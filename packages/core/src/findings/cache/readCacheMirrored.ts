import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  devices: number
}

/** A mirrored read cache: it holds nothing that is not in the pool too, so its loss costs speed alone. */
export const readCacheMirrored: Rule<'read-cache-mirrored', Facts> = {
  code: 'read-cache-mirrored',
  step: 'cache',
  find: ({ services: { services } }) =>
    services.flatMap(({ service }) => {
      const { role, arrangement, parts } = service
      if (role !== 'read cache' || arrangement !== 'mirror' || parts.length < 2) return []
      const fix = {
        do: 'put-service' as const,
        service: { ...service, arrangement: 'stripe' as const },
      }
      const partIds = parts.map(({ pieceId }) => pieceId)
      return found('blocks', { partIds }, { devices: parts.length }, { fix })
    }),
  sentence: ({ devices }, { format }) =>
    `A read cache cannot be mirrored over ${format.counted(devices, 'device')}: all of it is in the pool too, and its loss costs nothing but speed.`,
}
