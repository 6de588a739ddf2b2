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
  find: ({ machine, drivesOnHosts }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    let [onBoard, onControllers] = [0, 0]
    for (const { id, pieceId } of machine.wiring.data.hosts) {
      const drives = drivesOnHosts.get(id)?.size ?? 0
      if (pieceId === board.id) onBoard += drives
      else onControllers += drives
    }
    if (onBoard === 0 || onControllers === 0) return []
    return [found('note', { parts: [board] }, { onControllers, onBoard })]
  },
  sentence: ({ onControllers, onBoard }, { format }) =>
    `${format.counted(onControllers, 'drive hangs', 'drives hang')} off controllers, ${format.counted(onBoard, 'drive', 'drives')} off the board. Count both when drives are missing.`,
}
