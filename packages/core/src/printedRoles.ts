import type { Design } from './design/design'
import { Evaluator } from './evaluate'
import type { Machine } from './machine/machine'
import { memoryPlan } from './services/memoryPlan'
import { servicesFigure } from './services/servicesFigure'

/**
 * Who lives where and what small fast devices do, as JSON for other programs: pools with what lives there and how they
 * stand to it, services, devices with their life, log sizes, memory.
 */
export function printedRoles(design: Design, machine: Machine): object {
  const figure = servicesFigure(design, machine)
  return {
    pools: new Evaluator().standings(design, machine),
    services: figure.services.map(({ service, pool, ...rest }) => ({
      ...service,
      poolId: pool?.id ?? null,
      ...rest,
    })),
    devices: figure.devices.map(({ device, ...rest }) => ({
      pieceId: device.id,
      capacityBytes: device.dataSheet.capacityBytes,
      ...rest,
    })),
    logSizes: figure.logSizes,
    memory: memoryPlan(figure),
  }
}
