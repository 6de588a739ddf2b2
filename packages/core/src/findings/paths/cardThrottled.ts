import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cardsOf, slotNeedOf } from '../../machine/cards'
import { pieceOf } from '../../machine/machine'
import type { Piece, PieceId } from '../../machine/piece'
import type { Missing } from '../../units/amount'

interface Facts {
  cardId: PieceId
  slot: number
  lanes: number
  pcieGeneration: number
  bytesPerSecond: number
  needBytesPerSecond: number
}

/** A card that moves less than what hangs on it, in the best slot that is left for it. */
export const cardThrottled: Rule<'card-throttled', Facts> = {
  code: 'card-throttled',
  step: 'paths',
  find: ({ machine, cardLoads }) => {
    const board = pieceOf(machine, 'board')
    const cards = cardsOf(machine).filter(({ dataSheet }) => slotNeedOf(dataSheet)?.moves)
    // That the slots are not known, or that there are too few, is said by the rule on slots.
    if (!board?.dataSheet.slots || cards.length === 0) return []
    const missing = cards.flatMap(missingOfCard)
    if (missing.length > 0) {
      return [lack(missing, { partIds: missing.flatMap(({ pieceId }) => pieceId ?? []) })]
    }
    return cardLoads.flatMap(({ pieceId, root, ...load }) => {
      const card = cards.find(({ id }) => id === pieceId)
      const { bytesPerSecond, shortBytesPerSecond, needBytesPerSecond, lanes, pcieGeneration } =
        load
      if (!card || shortBytesPerSecond === 0) return []
      const facts = {
        cardId: card.id,
        slot: root.number,
        lanes,
        pcieGeneration,
        bytesPerSecond,
        needBytesPerSecond,
      }
      return found('risks', { parts: [board, card] }, facts)
    })
  },
  sentence: (facts, { piece, format }) => {
    const { cardId, slot, lanes, pcieGeneration } = facts
    const [gets, could] = format.apart(facts.bytesPerSecond, facts.needBytesPerSecond, format.rate)
    return `${piece(cardId)} is throttled: slot ${slot} gives it ×${lanes} of generation ${pcieGeneration}, ${gets}, and what hangs on it can move ${could}.`
  },
  question: 'whether its slot is wide enough for each card',
}

function missingOfCard(card: Piece): Missing[] {
  const need = slotNeedOf(card.dataSheet)
  const moves = need?.moves
  const isSpeedMissing = moves && 'network' in moves && moves.network.bitsPerSecond === null
  return [
    ...(need?.pcieGeneration === null ? missingOf(card, 'pcieGeneration') : []),
    ...(isSpeedMissing === true ? missingOf(card, 'bitsPerSecond') : []),
  ]
}
