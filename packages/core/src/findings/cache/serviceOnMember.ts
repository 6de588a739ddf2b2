import { found } from '../../judging/finding'
import type { ServiceRole } from '../../design/services'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'
import { membersOf } from '../../services/serviceDevices'

interface Facts {
  deviceId: PieceId
  role: ServiceRole
}

/** A device with a service is also a member of a pool, which takes all of it. */
export const serviceOnMember: Rule<'service-on-member', Facts> = {
  code: 'service-on-member',
  step: 'cache',
  find: ({ services: { services }, pools }) => {
    const members = membersOf(pools)
    return services.flatMap(({ service }) =>
      service.parts.flatMap(({ pieceId }) => {
        if (!members.has(pieceId)) return []
        const parts = service.parts.filter((part) => part.pieceId !== pieceId)
        const fix = { do: 'put-service' as const, service: { ...service, parts } }
        return found(
          'blocks',
          { partIds: [pieceId] },
          { deviceId: pieceId, role: service.role },
          { fix },
        )
      }),
    )
  },
  sentence: ({ deviceId, role }, { piece }) =>
    `${piece(deviceId)} is to be a ${role} and is a member of a pool, which takes all of it.`,
}
