import type { MainsSocket } from '../../design/design'
import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import { fittingOf, type PieceId } from '../../machine/piece'

interface Facts {
  supplyId: PieceId
  socket: MainsSocket
}

/** Both plugs of a redundant pair in the same place, so that one dead socket kills both. */
export const pairInOneSocket: Rule<'pair-in-one-socket', Facts> = {
  code: 'pair-in-one-socket',
  step: 'shell',
  find: ({ machine }) => {
    const supply = pieceOf(machine, 'supply')
    if (!supply) return []
    const { modules } = supply.dataSheet
    if (modules === 1) return []
    const { sockets } = fittingOf(machine.fittings, supply.id)
    // Who has said where two plugs go has a supply with two.
    const isPair = modules === 2 || (modules === null && sockets.length === 2)
    if (!isPair) return []
    const parts = [supply]
    const [first, second] = sockets
    if (first === undefined || second === undefined) {
      return [lack([{ pieceId: supply.id, field: 'plugsIn' }], { parts })]
    }
    return first === second
      ? [found('risks', { parts }, { supplyId: supply.id, socket: first })]
      : []
  },
  sentence: ({ supplyId, socket }, { piece }) =>
    `Both plugs of ${piece(supplyId)} go into the same place (${socket}): what kills that kills both supplies.`,
  question: 'whether the redundant pair survives a dead socket',
}
