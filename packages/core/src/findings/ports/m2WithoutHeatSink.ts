import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { m2Devices } from '../../machine/m2Devices'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
  socket: number
}

/** Flash that speaks PCIe in a socket whose board says that no heat sink comes with it. Common practice, no source. */
export const m2WithoutHeatSink: Rule<'m2-without-heat-sink', Facts> = {
  code: 'm2-without-heat-sink',
  step: 'core',
  find: ({ machine }) =>
    m2Devices(machine).flatMap(({ board, device, number, socket: { heatSink } }) => {
      if (heatSink !== false) return []
      const speaks = device.needs.find((one) => one.kind === 'M.2')?.speaks
      // Cards in M.2 sockets have no length of their own and stay cool.
      if (speaks !== 'PCIe' || !('m2LengthMm' in device.dataSheet)) return []
      return found('note', { parts: [board, device] }, { deviceId: device.id, socket: number })
    }),
  sentence: ({ deviceId, socket }, { piece }) =>
    `${piece(deviceId)} sits in M.2 socket ${socket}, which has no heat sink: without air over it it slows down in long writes.`,
}
