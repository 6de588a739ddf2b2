import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf, piecesOf } from '../../machine/machine'

/** More CPUs than the board has sockets. */
export const cpuWithoutSocket: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const cpus = piecesOf(machine, 'cpu')
  if (!board) return []
  const sockets = board.dataSheet.cpuSockets ?? 1
  if (cpus.length <= sockets) return []
  return [
    fitFinding({
      code: 'cpu-without-socket',
      severity: 'blocks',
      step: 'core',
      parts: [board, ...cpus],
      sentence: `${format.counted(cpus.length, 'CPU')} for ${format.counted(sockets, 'socket')} of ${sheetName(board.dataSheet)}.`,
      numbers: { cpus: cpus.length, sockets },
    }),
  ]
}
