import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
}

/** The system on a device in a hot-swap bay, where somebody pulls it by mistake. Common practice, no source. */
export const systemInHotSwapBay: Rule<'system-in-hot-swap-bay', Facts> = {
  code: 'system-in-hot-swap-bay',
  step: 'cache',
  find: ({ services: { devices }, machine }) =>
    devices.flatMap(({ device, partitions }) => {
      if (!partitions.some(({ role }) => role === 'system')) return []
      const bayId = [...machine.driveIn].find(([, driveId]) => driveId === device.id)?.[0]
      if (!bayId || machine.bayById.get(bayId)?.access !== 'hot-swap') return []
      return found('note', { parts: [device] }, { deviceId: device.id })
    }),
  sentence: ({ deviceId }, { piece }) =>
    `The system is on ${piece(deviceId)} in a hot-swap bay, where it is pulled by mistake one day: put it inside, or label the bay.`,
}
