import { piecesOf, pieceOf } from '../../machine/machine'
import { machineWeight } from '../../fit/machineWeight'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'

/** Two people lift what is heavier. Common practice, no source; the rules at work differ by country. */
const ONE_PERSON_GRAMS = 18_000

/** A loaded machine that one person should not lift alone. */
export const heavyToLift: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return []
  const { grams, notKnownPartIds } = machineWeight(machine)
  if (grams <= ONE_PERSON_GRAMS) {
    // The case and its drives are nearly all of the weight; a module or cable more decides nothing.
    const heavy = new Set([chassis, ...piecesOf(machine, 'drive')].map(({ id }) => id))
    const partIds = notKnownPartIds.filter((id) => heavy.has(id))
    if (partIds.length === 0) return []
    return [
      notKnown({
        code: 'heavy-to-lift',
        step: 'shell',
        partIds,
        question: 'whether one person can lift the machine',
        missing: 'the weight of the case and of every drive',
      }),
    ]
  }
  const least = notKnownPartIds.length > 0 ? 'at least' : 'about'
  return [
    fitFinding({
      code: 'heavy-to-lift',
      severity: 'note',
      step: 'shell',
      parts: [chassis],
      sentence: `Loaded it weighs ${least} ${format.number(grams / 1000)} kg: lift it with two, put the drives in afterwards, and in a rack keep the heaviest at the bottom on rails rated for it.`,
      numbers: { grams },
    }),
  ]
}
