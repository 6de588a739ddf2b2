import { partNames } from '../../judging/partNames'
import type { Rule } from '../../judging/rule'

/** Parts whose idle watts, or leave to sleep deeply, no data sheet says: the figure leaves them out. */
export const powerNotKnown: Rule = ({ machine, power }) => {
  if (power.notKnownPartIds.length === 0) return []
  return [
    {
      code: 'power-not-known',
      severity: 'note',
      step: 'core',
      partIds: power.notKnownPartIds,
      groupIds: [],
      sentence: `What ${partNames(machine, power.notKnownPartIds)} draws idle, or whether it lets the CPU sleep, is not known, so the watts at the wall may be too low.`,
      numbers: { parts: power.notKnownPartIds.length },
    },
  ]
}
