import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cardId: PieceId
  /** Null when its maker does not name the board's firmware at all. */
  neededVersion: number | null
  biosFamily: string
  biosVersion: number
  knownFamilies: string[]
}

/** The board does not see the controller or adapter until its firmware is newer. */
export const controllerNeedsBios: Rule<'controller-needs-bios', Facts> = {
  code: 'controller-needs-bios',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const { biosFamily, biosVersion } = board.dataSheet
    return piecesOf(machine, 'controller').flatMap((card) => {
      const parts = [board, card]
      const { biosNeeds } = card.dataSheet
      if (biosNeeds?.length === 0) return []
      if (biosNeeds === null) return lack(missingOf(card, 'biosNeeds'), { parts })
      if (biosFamily === null) return lack(missingOf(board, 'biosFamily'), { parts })
      if (biosVersion === null) return lack(missingOf(board, 'biosVersion'), { parts })
      const need = biosNeeds.find(({ family }) => family === biosFamily)
      if (need && need.version <= biosVersion) return []
      const facts = {
        cardId: card.id,
        neededVersion: need?.version ?? null,
        biosFamily,
        biosVersion,
        knownFamilies: biosNeeds.map(({ family }) => family),
      }
      return found('risks', { parts }, facts)
    })
  },
  sentence: ({ cardId, neededVersion, biosFamily, biosVersion, knownFamilies }, { piece }) =>
    neededVersion === null
      ? `${piece(cardId)} is not known to work with firmware ${biosFamily}: its maker names ${knownFamilies.join(', ')}.`
      : `The board sees ${piece(cardId)} from firmware ${neededVersion} on and ships with ${biosVersion}: update it before the card goes in.`,
  question: 'whether the board sees the card',
}
