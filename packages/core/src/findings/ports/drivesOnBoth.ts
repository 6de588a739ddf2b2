import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'

/** A drive or two that hang off the board while the rest hang off a controller, and are forgotten. */
export const drivesOnBoth: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  const { ports, cables, hosts } = machine.wiring.data
  const ofBoard = new Set(hosts.flatMap(({ id, pieceId }) => (pieceId === board.id ? [id] : [])))
  const onBoardCables = new Set(
    cables.flatMap(({ id, hostId }) => (ofBoard.has(hostId) ? [id] : [])),
  )
  const onBoard = ports.filter(({ cableId }) => onBoardCables.has(cableId)).length
  const onControllers = ports.length - onBoard
  if (onBoard === 0 || onControllers === 0) return []
  return [
    fitFinding({
      code: 'drives-on-both',
      severity: 'note',
      step: 'drives',
      parts: [board],
      sentence: `${format.counted(onControllers, 'drive hangs', 'drives hang')} off controllers, ${format.counted(onBoard, 'drive', 'drives')} off the board. Count both when drives are missing.`,
      numbers: { onControllers, onBoard },
    }),
  ]
}
