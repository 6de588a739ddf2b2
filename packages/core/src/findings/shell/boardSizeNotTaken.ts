import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  chassisId: PieceId
  boardSizes: string[]
  size: string
}

/** The board has a size that the case has no standoffs for. */
export const boardSizeNotTaken: Rule<'board-size-not-taken', Facts> = {
  code: 'board-size-not-taken',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const board = pieceOf(machine, 'board')
    if (!chassis || !board) return []
    const { boardSizes } = chassis.dataSheet
    const { size } = board.dataSheet
    const parts = [chassis, board]
    if (!boardSizes) return [lack(missingOf(chassis, 'boardSizes'), { parts })]
    if (boardSizes.includes(size)) return []
    return [found('blocks', { parts }, { chassisId: chassis.id, boardSizes, size })]
  },
  sentence: ({ chassisId, boardSizes, size }, { piece }) =>
    `${piece(chassisId)} takes ${boardSizes.length === 0 ? 'no board' : boardSizes.join(', ')}; the board is ${size}.`,
  question: 'whether the board fits the case',
}
