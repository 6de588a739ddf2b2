import type { Service, ServiceRole } from '../design/services'
import { insideBytesOf } from './insideBytesOf'
import type { ServiceDevice } from './serviceDevices'

/** One stretch of a device, from its beginning on. */
export interface Partition {
  serviceId: string
  role: ServiceRole
  poolId: string | null
  fromBytes: number
  bytes: number
}

/** The stretches of a device in the order of its services; what is left is shared by those that say no size. */
export function partitionsOf(
  { id, dataSheet }: ServiceDevice,
  services: readonly { service: Service }[],
): Partition[] {
  const parts = services.flatMap(({ service }) =>
    service.parts.filter(({ pieceId }) => pieceId === id).map(({ bytes }) => ({ service, bytes })),
  )
  const sizes = insideBytesOf(
    dataSheet.capacityBytes,
    parts.map(({ bytes }) => bytes),
  )
  let fromBytes = 0
  return parts.map(({ service }, index) => {
    const bytes = sizes[index] ?? 0
    const partition = {
      serviceId: service.id,
      role: service.role,
      poolId: service.poolId,
      fromBytes,
      bytes,
    }
    fromBytes += bytes
    return partition
  })
}
