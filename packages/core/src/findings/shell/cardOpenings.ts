import { fittedOne } from '../../design/fittedParts'
import { cardsOf } from '../../fit/cards'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import type { Rule } from '../rule'
import { sheetName } from '../sheetName'

/** More cards than the case has openings for at its rear. */
export const cardOpenings: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const cards = cardsOf(document)
  if (!chassis || cards.length === 0) return []
  const openings = chassis.sheet.cardOpenings
  const parts = [chassis, ...cards]
  const base = { code: 'too-few-card-openings', step: 'core' } as const
  if (openings === null) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ part }) => part.id),
        question: 'whether every card finds an opening at the rear',
        missing: `the openings of ${sheetName(chassis.sheet)}`,
      }),
    ]
  }
  if (cards.length <= openings) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts,
      sentence: `${say.counted(cards.length, 'card')} for ${say.counted(openings, 'opening')} at the rear of ${sheetName(chassis.sheet)}.`,
      numbers: { cards: cards.length, openings },
    }),
  ]
}
