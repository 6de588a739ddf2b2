import { boardSpeed } from '../../heat/boardAir'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { type Machine, piecesOf } from '../../machine/machine'
import type { Piece, PieceId } from '../../machine/piece'

interface Facts {
  cardId: PieceId
  wanted: number
  low: number
  high: number
}

/** A card that draws less than this gets along in still air. Common practice, no source. */
export const COOL_CARD_WATTS = 5

/** A card whose maker asks for moving air, where little of it goes past. */
export const cardWithoutAir: Rule<'card-without-air', Facts> = {
  code: 'card-without-air',
  step: 'heat',
  find: ({ machine, airFlow }) =>
    cardsIn(machine).flatMap((card) => {
      const { airMetresPerSecond: wanted, idleWatts } = card.dataSheet
      const parts = [card]
      if (wanted === null) {
        return idleWatts !== null && idleWatts < COOL_CARD_WATTS
          ? []
          : lack(missingOf(card, 'airMetresPerSecond'), { parts })
      }
      const { low, likely, high } = boardSpeed(machine, airFlow)
      if (likely >= wanted) return []
      const facts = { cardId: card.id, wanted, low, high }
      return found(high < wanted ? 'risks' : 'note', { parts }, facts)
    }),
  sentence: ({ cardId, wanted, low, high }, { piece, format }) => {
    const [most, asked] = format.apart(high, wanted, format.number, 1)
    return `${piece(cardId)} wants air that moves at ${asked} m/s; past the cards it moves at ${format.number(low, 1)} to ${most} m/s.`
  },
  question: 'whether a card needs moving air',
}

const cardsIn = (machine: Machine): readonly (Piece<'controller'> | Piece<'nic'>)[] => [
  ...piecesOf(machine, 'controller').filter(
    ({ dataSheet: { sitsIn } }) => sitsIn === null || sitsIn === 'slot',
  ),
  ...piecesOf(machine, 'nic'),
]
