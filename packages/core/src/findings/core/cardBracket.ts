import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { cardsOf, slotNeedOf } from '../../machine/cards'
import { type Machine, pieceOf } from '../../machine/machine'

/** Cards whose bracket is too tall for the openings of the case, or too low to be screwed to them. */
export const cardBracket: Rule = ({ machine }) => {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return []
  const { cardHeight } = chassis.dataSheet
  let flatLeft = flatPlaces(machine)
  const base = { code: 'card-bracket', step: 'core' } as const
  return cardsOf(machine).flatMap((card) => {
    const bracket = slotNeedOf(card.dataSheet)?.bracket ?? null
    const name = sheetName(card.dataSheet)
    const parts = [chassis, card]
    if (bracket === null || (cardHeight === null && bracket !== 'both')) {
      return notKnown({
        ...base,
        partIds: parts.map(({ id }) => id),
        question: `whether the bracket of ${name} fits`,
        missing:
          bracket === null ? 'its height' : `the openings of ${sheetName(chassis.dataSheet)}`,
      })
    }
    if (cardHeight === 'half' && bracket === 'full') {
      flatLeft -= 1
      if (flatLeft >= 0) return []
      return fitFinding({
        ...base,
        severity: 'blocks',
        parts,
        sentence: `${name} has a full-height bracket; ${sheetName(chassis.dataSheet)} has half-height openings.`,
      })
    }
    if (cardHeight !== 'full' || bracket !== 'half') return []
    return fitFinding({
      ...base,
      severity: 'risks',
      parts,
      sentence: `${name} comes with a half-height bracket only; it cannot be screwed to a full-height opening.`,
    })
  })
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
