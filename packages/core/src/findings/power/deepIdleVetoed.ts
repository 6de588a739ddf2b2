import { piecesOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'

/** A card without link power management keeps the whole CPU package awake. */
export const deepIdleVetoed: Rule = ({ machine, power }, format) => {
  if (power.vetoPartIds.length === 0 || power.vetoWatts <= 0) return []
  const names = piecesOf(machine, 'controller')
    .filter(({ id }) => power.vetoPartIds.includes(id))
    .map(({ dataSheet }) => `${dataSheet.maker} ${dataSheet.model}`)
  return [
    {
      code: 'deep-idle-vetoed',
      severity: 'note',
      step: 'drives',
      partIds: power.vetoPartIds,
      groupIds: [],
      sentence: `${[...new Set(names)].join(' and ')} keeps the CPU out of deep idle: ${format.watts(power.vetoWatts, 1)} more, day and night.`,
      numbers: { vetoWatts: power.vetoWatts },
    },
  ]
}
