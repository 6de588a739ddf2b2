import { fittedOne } from '../../design/fittedParts'
import { machineWeight } from '../../fit/machineWeight'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'

/** Two people lift what is heavier. Common practice, no source; the rules at work differ by country. */
const ONE_PERSON_GRAMS = 18_000

/** A loaded machine that one person should not lift alone. */
export const heavyToLift: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return []
  const { grams, notKnownPartIds } = machineWeight(document)
  if (grams <= ONE_PERSON_GRAMS) return []
  const least = notKnownPartIds.length > 0 ? 'at least' : 'about'
  return [
    fitFinding({
      code: 'heavy-to-lift',
      severity: 'note',
      step: 'shell',
      parts: [chassis],
      sentence: `Loaded it weighs ${least} ${say.number(grams / 1000)} kg: lift it with two, put the drives in afterwards, and in a rack keep the heaviest at the bottom on rails rated for it.`,
      numbers: { grams },
    }),
  ]
}
