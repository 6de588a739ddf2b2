import { found } from '../../judging/finding'
import type { ServiceRole } from '../../design/services'
import type { Rule } from '../../judging/rule'

interface Facts {
  role: ServiceRole
  /** Whether it lacks a device; else a pool that it serves. */
  lacksDevice: boolean
}

/** A service that no device does, or that serves no pool. */
export const serviceWithoutDevice: Rule<'service-without-device', Facts> = {
  code: 'service-without-device',
  step: 'cache',
  find: ({ services: { services } }) =>
    services.flatMap(({ service: { id, role, parts }, pool }) => {
      const lacksDevice = parts.length === 0
      if (!lacksDevice && (pool || role === 'system')) return []
      const fix = { do: 'remove-service' as const, serviceId: id }
      const partIds = parts.map(({ pieceId }) => pieceId)
      return found('risks', { partIds }, { role, lacksDevice }, { fix })
    }),
  sentence: ({ role, lacksDevice }) =>
    lacksDevice ? `No device does the work of the ${role}.` : `The ${role} serves no pool.`,
}
