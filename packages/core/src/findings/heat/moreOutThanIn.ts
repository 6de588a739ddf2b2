import { hasFilter } from '../../heat/caseBranches'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'

interface Facts {
  freeIn: number
  freeOut: number
}

/** More is blown out than in, so that dust comes in through every gap, past the filters. */
export const moreOutThanIn: Rule<'more-out-than-in', Facts> = {
  code: 'more-out-than-in',
  step: 'heat',
  find: ({ airFlow, machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    if (!airFlow || !chassis) return []
    // With all of them between drives and board, as much goes in as comes out.
    const { freeIn, freeOut } = airFlow
    if (!hasFilter(chassis.dataSheet) || freeOut === 0 || freeOut <= freeIn) return []
    return [found('note', { parts: [chassis] }, { freeIn, freeOut })]
  },
  sentence: ({ freeIn, freeOut }, { format }) =>
    `Fans blow up to ${format.number(freeOut)} m³/h out and ${format.number(freeIn)} in: air comes in through every gap, past the filter. Slower fans at the rear, or one more at the front, keep the dust out.`,
}
