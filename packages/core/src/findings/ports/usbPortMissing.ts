import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { partNames } from '../../judging/partNames'
import { sheetName } from '../../judging/sheetName'
import { pieceOf } from '../../machine/machine'

/** USB devices for which the board has no port left. */
export const usbPortMissing: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const without = machine.unplaced.filter(({ need }) => need === 'USB port')
  if (!board || without.length === 0) return []
  const ids = without.map(({ pieceId }) => pieceId)
  return [
    fitFinding({
      code: 'usb-port-missing',
      severity: 'blocks',
      step: 'core',
      parts: [board, ...ids.map((id) => ({ id }))],
      sentence: `No USB port of ${sheetName(board.dataSheet)} is left for ${format.counted(ids.length, 'device')}: ${partNames(machine, ids)}.`,
      numbers: { devices: ids.length },
    }),
  ]
}
