import { machineWeight } from '../../fit/machineWeight'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

/** Two people lift what is heavier. Common practice, no source; the rules at work differ by country. */
export const ONE_PERSON_GRAMS = 18_000

interface Facts {
  grams: number
  /** Whether every weight is known. */
  isWhole: boolean
  isRacked: boolean
}

/** A loaded machine that one person should not lift alone. */
export const heavyToLift: Rule<'heavy-to-lift', Facts> = {
  code: 'heavy-to-lift',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    if (!chassis) return []
    const { grams, notKnownPartIds } = machineWeight(machine)
    if (grams <= ONE_PERSON_GRAMS) {
      // The case and its drives are nearly all of the weight; a module or cable more decides nothing.
      const heavy = new Set([chassis, ...piecesOf(machine, 'drive')].map(({ id }) => id))
      const partIds = notKnownPartIds.filter((id) => heavy.has(id))
      if (partIds.length === 0) return []
      return [
        lack(
          partIds.flatMap((id) => missingOf({ id }, 'weightGrams')),
          { partIds },
        ),
      ]
    }
    const isRacked =
      chassis.dataSheet.form === 'rack' || pieceOf(machine, 'place')?.dataSheet.form === 'rack'
    const facts = { grams, isWhole: notKnownPartIds.length === 0, isRacked }
    return [found('note', { parts: [chassis] }, facts)]
  },
  sentence: ({ grams, isWhole, isRacked }, { format }) =>
    `Loaded it weighs ${isWhole ? 'about' : 'at least'} ${format.number(grams / 1000)} kg: lift it with two, and put the drives in afterwards.${isRacked ? ' In a rack keep the heaviest at the bottom, on rails rated for it.' : ''}`,
  question: 'whether one person can lift the machine',
}
