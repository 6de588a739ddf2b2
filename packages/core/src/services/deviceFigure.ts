import type { Missing } from '../units/amount'
import type { Band } from '../units/band'
import { lifeYears } from './lifeYears'
import type { Partition } from './partitions'
import type { ServiceDevice } from './serviceDevices'

export interface DeviceFigure {
  device: ServiceDevice
  partitions: Partition[]
  /** What no service has; less than 0 where they want more than there is. */
  freeBytes: number
  writtenBytesPerDay: number
  /** Null where nothing is written, or where what it endures is not known. */
  years: Band | null
  missing: Missing[]
}

/**
 * What of a device is free, what is written to it, and how long does it last at that?
 *
 * @param writtenBy what a service writes to each of its devices on a day
 * @param wornShare of its life that is used up
 */
export function deviceFigure(
  device: ServiceDevice,
  partitions: Partition[],
  writtenBy: ReadonlyMap<string, number>,
  wornShare: number,
): DeviceFigure {
  const { capacityBytes, enduranceBytes } = device.dataSheet
  const writtenBytesPerDay = partitions.reduce(
    (sum, { serviceId }) => sum + (writtenBy.get(serviceId) ?? 0),
    0,
  )
  return {
    device,
    partitions,
    freeBytes: capacityBytes - partitions.reduce((sum, { bytes }) => sum + bytes, 0),
    writtenBytesPerDay,
    years:
      enduranceBytes === null ? null : lifeYears(enduranceBytes, writtenBytesPerDay, wornShare),
    missing:
      enduranceBytes === null && writtenBytesPerDay > 0
        ? [{ pieceId: device.id, field: 'enduranceBytes' }]
        : [],
  }
}
