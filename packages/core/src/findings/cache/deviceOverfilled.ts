import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
  overBytes: number
}

/** Services want more of a device than it has. */
export const deviceOverfilled: Rule<'device-overfilled', Facts> = {
  code: 'device-overfilled',
  step: 'cache',
  find: ({ services: { devices } }) =>
    devices.flatMap(({ device, freeBytes }) =>
      freeBytes < 0
        ? found('blocks', { parts: [device] }, { deviceId: device.id, overBytes: -freeBytes })
        : [],
    ),
  sentence: ({ deviceId, overBytes }, { piece, format }) =>
    `What ${piece(deviceId)} is to hold is ${format.drive(overBytes)} more than it has.`,
}
