import type { DeviceFigure, Machine } from '@flint/core/figures'
import type { ServiceRole } from '@flint/core/editing'
import { format } from '../../controls/locale'
import { placeWords } from './placeWords'

/** A stretch of a device as it is drawn. */
export interface DrawnStretch {
  key: string
  role: ServiceRole
  poolId: string | null
  fromPx: number
  widthPx: number
  words: string
}

export interface DrawnDevice {
  id: string
  name: string
  lengthPx: number
  stretches: DrawnStretch[]
  words: string
  figure: DeviceFigure
}

/** The smallest device is still so long. For the drawing only. */
const SHORTEST_PX = 60
/** A stretch so small that it could not be seen is drawn so wide. For the drawing only. */
const THINNEST_PX = 6

/** The devices to scale, the largest as long as there is room. */
export function drawnDevices(
  devices: readonly DeviceFigure[],
  machine: Machine,
  longestPx: number,
): DrawnDevice[] {
  const largest = Math.max(1, ...devices.map(({ device }) => device.dataSheet.capacityBytes))
  return devices.map((figure) => {
    const { device, partitions } = figure
    const { maker, model, capacityBytes } = device.dataSheet
    const lengthPx = Math.max(SHORTEST_PX, (longestPx * capacityBytes) / largest)
    const pxOf = (bytes: number): number => (lengthPx * bytes) / capacityBytes
    const name = [`${maker} ${model}`, format.drive(capacityBytes), placeWords(machine, device.id)]
      .filter((words) => words !== '')
      .join(', ')
    const stretches = partitions.map(
      ({ serviceId, role, poolId, fromBytes, bytes }): DrawnStretch => ({
        key: `${serviceId} ${fromBytes}`,
        role,
        poolId,
        fromPx: Math.min(pxOf(fromBytes), lengthPx - THINNEST_PX),
        widthPx: Math.max(THINNEST_PX, Math.min(pxOf(bytes), lengthPx - pxOf(fromBytes))),
        words: `${role}, ${format.drive(bytes)}`,
      }),
    )
    const what =
      stretches.length === 0 ? 'nothing on it' : stretches.map(({ words }) => words).join(', ')
    return { id: device.id, name, lengthPx, stretches, words: `${name}: ${what}`, figure }
  })
}
