import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cpuId: PieceId
  cpuSocket: string
  boardSocket: string
}

/** A CPU made for another socket than the board has. */
export const cpuSocket: Rule<'cpu-socket', Facts> = {
  code: 'cpu-socket',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const { socket } = board.dataSheet
    const wrong = piecesOf(machine, 'cpu').filter(({ dataSheet }) => dataSheet.socket !== socket)
    const [first] = wrong
    if (!first) return []
    const facts = { cpuId: first.id, cpuSocket: first.dataSheet.socket, boardSocket: socket }
    return [found('blocks', { parts: [board, ...wrong] }, facts)]
  },
  sentence: ({ cpuId, cpuSocket: needed, boardSocket }, { piece }) =>
    `${piece(cpuId)} needs socket ${needed}; the board has ${boardSocket}.`,
}
