import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  boardId: PieceId
  deviceIds: readonly PieceId[]
}

/** USB devices for which the board has no port left. */
export const usbPortMissing: Rule<'usb-port-missing', Facts> = {
  code: 'usb-port-missing',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const deviceIds = machine.unplaced['USB port'].map(({ pieceId }) => pieceId)
    if (!board || deviceIds.length === 0) return []
    const partIds = [board.id, ...deviceIds]
    return [found('blocks', { partIds }, { boardId: board.id, deviceIds })]
  },
  sentence: ({ boardId, deviceIds }, { piece, pieces, format }) =>
    `No USB port of ${piece(boardId)} is left for ${format.counted(deviceIds.length, 'device')}: ${pieces(deviceIds)}.`,
}
