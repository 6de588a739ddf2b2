import type { Finding } from '../../judging/finding'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf, piecesOf } from '../../machine/machine'

/** A cooler that cannot be mounted on the board's socket. */
export const coolerSocket: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  const { socket } = board.dataSheet
  const base = { code: 'cooler-socket', step: 'core' } as const
  return piecesOf(machine, 'cooler').flatMap((cooler): Finding[] => {
    const { sockets } = cooler.dataSheet
    if (sockets === null) {
      return [
        notKnown({
          ...base,
          partIds: [cooler.id],
          question: 'whether the cooler can be mounted',
          missing: `the sockets of ${sheetName(cooler.dataSheet)}`,
        }),
      ]
    }
    if (sockets.includes(socket)) return []
    return [
      fitFinding({
        ...base,
        severity: 'blocks',
        parts: [board, cooler],
        sentence: `${sheetName(cooler.dataSheet)} is mounted on socket ${sockets.join(' or ')}; the board has ${socket}.`,
      }),
    ]
  })
}
