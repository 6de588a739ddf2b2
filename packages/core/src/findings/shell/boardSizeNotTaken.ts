import { isOpenCase } from '../../catalogue/openCase'
import { OWN_OUTLINE } from '../../catalogue/standards'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cameIn } from '../../machine/cameIn'
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
    if (!chassis || !board || cameIn(machine, board, chassis)) return []
    const { boardSizes } = chassis.dataSheet
    const { size } = board.dataSheet
    const parts = [chassis, board]
    if (!boardSizes) {
      if (isOpenCase(chassis.dataSheet)) return []
      return [lack(missingOf(chassis, 'boardSizes'), { parts })]
    }
    const facts = { chassisId: chassis.id, boardSizes, size }
    // Whether an outline of its own meets the standoffs is seen on the piece alone.
    if (size === OWN_OUTLINE) return [found('risks', { parts }, facts)]
    return boardSizes.includes(size) ? [] : [found('blocks', { parts }, facts)]
  },
  sentence: ({ chassisId, boardSizes, size }, { piece }) => {
    const takes = boardSizes.length === 0 ? 'no board' : boardSizes.join(', ')
    return size === OWN_OUTLINE
      ? `${piece(chassisId)} takes ${takes}; the board has an outline of its own: measure whether its holes meet the standoffs.`
      : `${piece(chassisId)} takes ${takes}; the board is ${size}.`
  },
  question: 'whether the board fits the case',
}
