import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  boardId: PieceId
  cpus: number
  sockets: number
}

/** More CPUs than the board has sockets. */
export const cpuWithoutSocket: Rule<'cpu-without-socket', Facts> = {
  code: 'cpu-without-socket',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const cpus = piecesOf(machine, 'cpu')
    if (!board) return []
    const sockets = board.dataSheet.cpuSockets ?? 1
    if (cpus.length <= sockets) return []
    const facts = { boardId: board.id, cpus: cpus.length, sockets }
    return [found('blocks', { parts: [board, ...cpus] }, facts)]
  },
  sentence: ({ boardId, cpus, sockets }, { piece, format }) =>
    `${format.counted(cpus, 'CPU')} for ${format.counted(sockets, 'socket')} of ${piece(boardId)}.`,
}
