import { isOpenCase } from '../../catalogue/openCase'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cardsOf, slotNeedOf } from '../../machine/cards'
import { type Machine, pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cardId: PieceId
  chassisId: PieceId
  bracket: 'full' | 'half'
}

/** Cards whose bracket is too tall for the openings of the case, or too low to be screwed to them. */
export const cardBracket: Rule<'card-bracket', Facts> = {
  code: 'card-bracket',
  step: 'core',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    if (!chassis) return []
    const { cardHeight } = chassis.dataSheet
    let flatLeft = flatPlaces(machine)
    return cardsOf(machine).flatMap((card) => {
      const bracket = slotNeedOf(card.dataSheet)?.bracket ?? null
      const parts = [chassis, card]
      if (bracket === null) return lack(missingOf(card, 'bracket'), { parts })
      if (cardHeight === null) {
        if (isOpenCase(chassis.dataSheet)) return []
        return bracket === 'both' ? [] : lack(missingOf(chassis, 'cardHeight'), { parts })
      }
      if (bracket === 'both' || bracket === cardHeight) return []
      if (bracket === 'full') {
        flatLeft -= 1
        if (flatLeft >= 0) return []
      }
      const facts = { cardId: card.id, chassisId: chassis.id, bracket }
      return found(bracket === 'full' ? 'blocks' : 'risks', { parts }, facts)
    })
  },
  sentence: ({ cardId, chassisId, bracket }, { piece }) =>
    bracket === 'full'
      ? `${piece(cardId)} has a full-height bracket; ${piece(chassisId)} has half-height openings.`
      : `${piece(cardId)} comes with a half-height bracket only; it cannot be screwed to a full-height opening.`,
  question: 'whether the bracket of a card fits',
}

/** Each slot of a riser that lies flat takes one full-height card into a low case. */
function flatPlaces({ inOrder }: Machine): number {
  return inOrder
    .flatMap(({ offers }) => offers)
    .reduce(
      (sum, offer) =>
        sum + (offer.kind === 'passed on' && offer.liesFlat === true ? offer.places.length : 0),
      0,
    )
}
