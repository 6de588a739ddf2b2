import { isOpenCase } from '../../catalogue/openCase'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cardsOf } from '../../machine/cards'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  chassisId: PieceId
  cards: number
  openings: number
}

/** More cards than the case has openings for at its rear. */
export const tooFewCardOpenings: Rule<'too-few-card-openings', Facts> = {
  code: 'too-few-card-openings',
  step: 'core',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const cards = cardsOf(machine)
    if (!chassis || cards.length === 0) return []
    const openings = chassis.dataSheet.cardOpenings
    const parts = [chassis, ...cards]
    if (openings === null && isOpenCase(chassis.dataSheet)) return []
    if (openings === null) return [lack(missingOf(chassis, 'cardOpenings'), { parts })]
    if (cards.length <= openings) return []
    return [found('blocks', { parts }, { chassisId: chassis.id, cards: cards.length, openings })]
  },
  sentence: ({ chassisId, cards, openings }, { piece, format }) =>
    `${format.counted(cards, 'card')} for ${format.counted(openings, 'opening')} at the rear of ${piece(chassisId)}.`,
  question: 'whether every card finds an opening at the rear',
}
