import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  boardId: PieceId
}

/** After a power cut the machine waits for somebody to press its button. */
export const staysOffAfterOutage: Rule<'stays-off-after-outage', Facts> = {
  code: 'stays-off-after-outage',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board || board.dataSheet.startsAfterOutage === true) return []
    const parts = [board]
    return board.dataSheet.startsAfterOutage === null
      ? [lack(missingOf(board, 'startsAfterOutage'), { parts })]
      : [found('note', { parts }, { boardId: board.id })]
  },
  sentence: ({ boardId }, { piece }) =>
    `${piece(boardId)} stays off after a power cut until somebody presses the button.`,
  question: 'whether the machine starts by itself after a power cut',
}
