import { isOpenCase } from '../../catalogue/openCase'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cardsOf, slotNeedOf } from '../../machine/cards'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cardId: PieceId
  lengthMm: number
  cardMaxLengthMm: number
}

/** Cards that reach further forward than there is room. */
export const cardTooLong: Rule<'card-too-long', Facts> = {
  code: 'card-too-long',
  step: 'core',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    if (!chassis) return []
    const { cardMaxLengthMm } = chassis.dataSheet
    if (cardMaxLengthMm === null && isOpenCase(chassis.dataSheet)) return []
    return cardsOf(machine).flatMap((card) => {
      const lengthMm = slotNeedOf(card.dataSheet)?.lengthMm ?? null
      const parts = [chassis, card]
      if (lengthMm === null) return lack(missingOf(card, 'lengthMm'), { parts })
      if (cardMaxLengthMm === null) return lack(missingOf(chassis, 'cardMaxLengthMm'), { parts })
      if (lengthMm <= cardMaxLengthMm) return []
      return found('blocks', { parts }, { cardId: card.id, lengthMm, cardMaxLengthMm })
    })
  },
  sentence: ({ cardId, lengthMm, cardMaxLengthMm }, { piece, format }) => {
    const [long, room] = format.apart(lengthMm, cardMaxLengthMm, format.millimetres)
    return `${piece(cardId)} is ${long} long; there is room for ${room}.`
  },
  question: 'whether a card is too long',
}
