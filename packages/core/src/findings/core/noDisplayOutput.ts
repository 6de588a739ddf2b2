import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  /** The board without a display socket, or the CPU without graphics for the sockets there are. */
  lackingId: PieceId
  lacks: 'socket' | 'graphics'
}

/** Nothing to look at while the machine is set up. */
export const noDisplayOutput: Rule<'no-display-output', Facts> = {
  code: 'no-display-output',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const cpu = pieceOf(machine, 'cpu')
    if (!board || !cpu || piecesOf(machine, 'display').length > 0) return []
    const { displayOutput } = board.dataSheet
    const { hasGraphics } = cpu.dataSheet
    const parts = [board, cpu]
    if (displayOutput === 'always') return []
    if (displayOutput === 'none') {
      return [found('risks', { parts }, { lackingId: board.id, lacks: 'socket' })]
    }
    if (displayOutput === null) return [lack(missingOf(board, 'displayOutput'), { parts })]
    if (hasGraphics === null) return [lack(missingOf(cpu, 'hasGraphics'), { parts })]
    return hasGraphics ? [] : [found('risks', { parts }, { lackingId: cpu.id, lacks: 'graphics' })]
  },
  sentence: ({ lackingId, lacks }, { piece }) =>
    lacks === 'socket'
      ? `${piece(lackingId)} has no display socket: setting it up takes a display card in a slot.`
      : `${piece(lackingId)} has no graphics, so the board's display sockets are dead: setting it up takes a display card in a slot.`,
  question: 'whether there is a picture',
}
