import { fittedOne } from '../../design/fittedParts'
import { wiringOf } from '../../paths/wiring/wiring'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'

/** A drive or two that hang off the board while the rest hang off a controller, and are forgotten. */
export const drivesOnBoth: Rule = (document, { bays }, say) => {
  const board = fittedOne(document, 'board')
  if (!board) return []
  const { ports } = wiringOf(document, bays).data
  const onBoard = ports.filter(({ cable }) => cable.host.id === board.part.id).length
  const onControllers = ports.filter(({ cable }) => cable.host.partId !== board.part.id).length
  if (onBoard === 0 || onControllers === 0) return []
  return [
    fitFinding({
      code: 'drives-on-both',
      severity: 'note',
      step: 'drives',
      parts: [board],
      sentence: `${say.counted(onControllers, 'drive hangs', 'drives hang')} off controllers, ${say.counted(onBoard, 'drive', 'drives')} off the board. Count both when drives are missing.`,
      numbers: { onControllers, onBoard },
    }),
  ]
}
