import { notKnown } from '../../judging/notKnown'
import { partNames } from '../../judging/partNames'
import { startSurge } from '../../power/startSurge'
import type { Rule } from '../../judging/rule'

/** All drives starting at once ask more of the 12 V rails than they carry. */
export const startSurgeTooHigh: Rule = ({ machine }, format) => {
  const surge = startSurge(machine)
  if (!surge) return []
  if ('notKnownPartIds' in surge) {
    return [
      notKnown({
        code: 'start-surge-too-high',
        step: 'drives',
        partIds: surge.notKnownPartIds,
        question: 'whether the supply can start all drives at once',
        missing: `the 12 V current of ${partNames(machine, surge.notKnownPartIds)}`,
      }),
    ]
  }
  if (surge.amps <= surge.ratedAmps) return []
  return [
    {
      code: 'start-surge-too-high',
      severity: 'blocks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence: `Starting all drives at once takes ${format.number(surge.amps, 1)} A at 12 V; the supply carries ${format.number(surge.ratedAmps, 1)} A. Start them in groups or take a larger supply.`,
      numbers: { amps: surge.amps, ratedAmps: surge.ratedAmps },
    },
  ]
}
