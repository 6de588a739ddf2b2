import { fittedOne } from '../../design/fittedParts'
import { drivePorts } from '../../fit/drivePorts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'

/** A drive or two that hang off the board while the rest hang off a controller, and are forgotten. */
export const drivesOnBoth: Rule = (document, { bays }, say) => {
  const board = fittedOne(document, 'board')
  const drives = bays.bays.filter(({ drive }) => drive !== null).length
  const ports = drivePorts(document)
  const over = drives - ports.controllers
  if (!board || ports.controllers === 0 || over <= 0 || over > ports.board) return []
  return [
    fitFinding({
      code: 'drives-on-both',
      severity: 'note',
      step: 'drives',
      parts: [board],
      sentence: `${say.counted(ports.controllers, 'drive')} can hang off controllers; ${say.counted(over, 'drive hangs', 'drives hang')} off the board. Count both when drives are missing.`,
      numbers: { onControllers: ports.controllers, onBoard: over },
    }),
  ]
}
