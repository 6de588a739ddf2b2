import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf, piecesOf } from '../../machine/machine'

/** A CPU made for another socket than the board has. */
export const cpuSocket: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  const { socket } = board.dataSheet
  const wrong = piecesOf(machine, 'cpu').filter(({ dataSheet }) => dataSheet.socket !== socket)
  const [first] = wrong
  if (!first) return []
  return [
    fitFinding({
      code: 'cpu-socket',
      severity: 'blocks',
      step: 'core',
      parts: [board, ...wrong],
      sentence: `${sheetName(first.dataSheet)} needs socket ${first.dataSheet.socket}; the board has ${socket}.`,
    }),
  ]
}
