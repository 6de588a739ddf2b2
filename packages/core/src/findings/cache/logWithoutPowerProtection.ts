import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
}

/** A write log on a device that forgets what it took in when power goes, which is what the log is for. */
export const logWithoutPowerProtection: Rule<'log-without-power-protection', Facts> = {
  code: 'log-without-power-protection',
  step: 'cache',
  find: ({ services: { devices } }) =>
    devices.flatMap(({ device, partitions }) => {
      if (!partitions.some(({ role }) => role === 'write log')) return []
      const parts = [device]
      const { powerLossProtection } = device.dataSheet
      if (powerLossProtection === null) {
        return lack(missingOf(device, 'powerLossProtection'), { parts })
      }
      return powerLossProtection ? [] : found('risks', { parts }, { deviceId: device.id })
    }),
  sentence: ({ deviceId }, { piece }) =>
    `${piece(deviceId)} is a write log without power-loss protection: when power goes it may have lost what it said was written, and it waits for its flash at every write.`,
  question: 'whether the write log keeps its content when power goes',
}
