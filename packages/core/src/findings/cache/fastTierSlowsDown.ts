import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
  quickBytes: number
  sustainedBytesPerSecond: number
  incomingBytesPerSecond: number
}

/** A fast tier whose flash is slower than the network once its quick area is full, before files are moved off it. */
export const fastTierSlowsDown: Rule<'fast-tier-slows-down', Facts> = {
  code: 'fast-tier-slows-down',
  step: 'cache',
  find: ({ services: { services, devices, incomingBytesPerSecond } }) => {
    if (incomingBytesPerSecond === null) return []
    return devices.flatMap(({ device, partitions }) => {
      const tier = partitions.find(({ role }) => role === 'fast tier')
      const service = services.find((one) => one.service.id === tier?.serviceId)
      if (!service || device.dataSheet.kind !== 'drive') return []
      const { quickWriteBytes, sustainedWriteBytesPerSecond } = device.dataSheet
      const arrives = service.wantedBytes ?? 0
      const keepsUp = (sustainedWriteBytesPerSecond ?? 0) >= incomingBytesPerSecond
      if (keepsUp || arrives <= (quickWriteBytes ?? 0)) return []
      const parts = [device]
      if (quickWriteBytes === null || sustainedWriteBytesPerSecond === null) {
        const missing = [
          ...(quickWriteBytes === null ? missingOf(device, 'quickWriteBytes') : []),
          ...(sustainedWriteBytesPerSecond === null
            ? missingOf(device, 'sustainedWriteBytesPerSecond')
            : []),
        ]
        return lack(missing, { parts })
      }
      const facts = {
        deviceId: device.id,
        quickBytes: quickWriteBytes,
        sustainedBytesPerSecond: sustainedWriteBytesPerSecond,
        incomingBytesPerSecond,
      }
      return found('note', { parts }, facts)
    })
  },
  sentence: (facts, { piece, format }) => {
    const { deviceId, quickBytes, sustainedBytesPerSecond, incomingBytesPerSecond } = facts
    const [keeps, comes] = format.apart(
      sustainedBytesPerSecond,
      incomingBytesPerSecond,
      format.rate,
    )
    return `${piece(deviceId)} takes ${format.drive(quickBytes)} at full speed and ${keeps} after that; the network brings ${comes}, and more than that arrives until files are moved on.`
  },
  question: 'whether the fast tier keeps up with the network',
}
