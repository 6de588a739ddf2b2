import { pieceOf } from '../../machine/machine'
import { cardsOf } from '../../machine/cards'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'

/** More cards than the case has openings for at its rear. */
export const tooFewCardOpenings: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  const cards = cardsOf(machine)
  if (!chassis || cards.length === 0) return []
  const openings = chassis.dataSheet.cardOpenings
  const parts = [chassis, ...cards]
  const base = { code: 'too-few-card-openings', step: 'core' } as const
  if (openings === null) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ id }) => id),
        question: 'whether every card finds an opening at the rear',
        missing: `the openings of ${sheetName(chassis.dataSheet)}`,
      }),
    ]
  }
  if (cards.length <= openings) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts,
      sentence: `${format.counted(cards.length, 'card')} for ${format.counted(openings, 'opening')} at the rear of ${sheetName(chassis.dataSheet)}.`,
      numbers: { cards: cards.length, openings },
    }),
  ]
}
