import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  boardId: PieceId
  slow: number
  ports: number
}

/** Ports of different speed on one board look alike. */
export const sataPortsDiffer: Rule<'sata-ports-differ', Facts> = {
  code: 'sata-ports-differ',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board || board.dataSheet.sataPorts < 2) return []
    const { sataGenerations: generations } = board.dataSheet
    if (!generations) return [lack(missingOf(board, 'sataGenerations'), { parts: [board] })]
    const fastest = Math.max(...generations)
    const slow = generations.filter((generation) => generation < fastest).length
    if (slow === 0) return []
    const facts = { boardId: board.id, slow, ports: generations.length }
    return [found('note', { parts: [board] }, facts)]
  },
  sentence: ({ boardId, slow, ports }, { piece, format }) =>
    `${format.number(slow)} of ${piece(boardId)}'s ${format.counted(ports, 'SATA port')} ${slow === 1 ? 'is' : 'are'} of an older generation than the others.`,
  question: 'whether the SATA ports are equally fast',
}
