import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'

interface Facts {
  onControllers: number
  onBoard: number
}

/** A drive or two that hang off the board while the rest hang off a controller, and are forgotten. */
export const drivesOnBoth: Rule<'drives-on-both', Facts> = {
  code: 'drives-on-both',
  step: 'drives',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const { data } = machine.wiring
    const ofBoard = new Set(
      data.hosts.flatMap(({ id, pieceId }) => (pieceId === board.id ? [id] : [])),
    )
    if (ofBoard.size === data.hosts.length) return []
    const { ports, cables } = data
    const onBoardCables = new Set(
      cables.flatMap(({ id, hostId }) => (ofBoard.has(hostId) ? [id] : [])),
    )
    const onBoard = ports.filter(({ cableId }) => onBoardCables.has(cableId)).length
    const onControllers = ports.length - onBoard
    if (onBoard === 0 || onControllers === 0) return []
    return [found('note', { parts: [board] }, { onControllers, onBoard })]
  },
  sentence: ({ onControllers, onBoard }, { format }) =>
    `${format.counted(onControllers, 'drive hangs', 'drives hang')} off controllers, ${format.counted(onBoard, 'drive', 'drives')} off the board. Count both when drives are missing.`,
}
