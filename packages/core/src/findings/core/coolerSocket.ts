import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  coolerId: PieceId
  sockets: string[]
  socket: string
}

/** A cooler that cannot be mounted on the board's socket. */
export const coolerSocket: Rule<'cooler-socket', Facts> = {
  code: 'cooler-socket',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const { socket } = board.dataSheet
    return piecesOf(machine, 'cooler').flatMap((cooler) => {
      const { sockets } = cooler.dataSheet
      if (sockets === null) return lack(missingOf(cooler, 'sockets'), { parts: [cooler] })
      if (sockets.includes(socket)) return []
      return found('blocks', { parts: [board, cooler] }, { coolerId: cooler.id, sockets, socket })
    })
  },
  sentence: ({ coolerId, sockets, socket }, { piece }) =>
    `${piece(coolerId)} is mounted on ${sockets.length === 0 ? 'no socket' : `socket ${sockets.join(' or ')}`}; the board has ${socket}.`,
  question: 'whether the cooler can be mounted',
}
