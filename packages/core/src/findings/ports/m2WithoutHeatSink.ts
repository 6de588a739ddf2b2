import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
  socket: number
}

/** Flash that speaks PCIe in a socket whose board says that no heat sink comes with it. Common practice, no source. */
export const m2WithoutHeatSink: Rule<'m2-without-heat-sink', Facts> = {
  code: 'm2-without-heat-sink',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    return machine.placed.flatMap(({ pieceId, need, on }) => {
      const device = machine.pieces.get(pieceId)
      if (need !== 'M.2' || on.pieceId !== board.id || !device) return []
      if (board.dataSheet.m2Sockets?.[on.number - 1]?.heatSink !== false) return []
      const speaks = device.needs.find((one) => one.kind === 'M.2')?.speaks
      if (speaks !== 'PCIe' || !('m2LengthMm' in device.dataSheet)) return []
      return found('note', { parts: [board, device] }, { deviceId: device.id, socket: on.number })
    })
  },
  sentence: ({ deviceId, socket }, { piece }) =>
    `${piece(deviceId)} sits in M.2 socket ${socket}, which has no heat sink: without air over it it slows down in long writes.`,
}
