import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { cardsOf, slotNeedOf } from '../../machine/cards'
import { pieceOf } from '../../machine/machine'

/** Cards that reach further forward than there is room. */
export const cardTooLong: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return []
  const { cardMaxLengthMm } = chassis.dataSheet
  const base = { code: 'card-too-long', step: 'core' } as const
  return cardsOf(machine).flatMap((card) => {
    const lengthMm = slotNeedOf(card.dataSheet)?.lengthMm ?? null
    const name = sheetName(card.dataSheet)
    const parts = [chassis, card]
    if (lengthMm === null || cardMaxLengthMm === null) {
      return notKnown({
        ...base,
        partIds: parts.map(({ id }) => id),
        question: `whether ${name} is too long`,
        missing:
          lengthMm === null
            ? 'its length'
            : `the room for cards in ${sheetName(chassis.dataSheet)}`,
      })
    }
    if (lengthMm <= cardMaxLengthMm) return []
    return fitFinding({
      ...base,
      severity: 'blocks',
      parts,
      sentence: `${name} is ${format.number(lengthMm)} mm long; there is room for ${format.number(cardMaxLengthMm)} mm.`,
      numbers: { lengthMm, cardMaxLengthMm },
    })
  })
}
