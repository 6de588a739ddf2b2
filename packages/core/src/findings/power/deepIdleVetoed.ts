import { fittedOfKind } from '../../design/fittedParts'
import type { Rule } from '../rule'

/** A card without link power management keeps the whole CPU package awake. */
export const deepIdleVetoed: Rule = (document, { power }, say) => {
  if (power.vetoPartIds.length === 0 || power.vetoWatts <= 0) return []
  const names = fittedOfKind(document, 'controller')
    .filter(({ part }) => power.vetoPartIds.includes(part.id))
    .map(({ sheet }) => `${sheet.maker} ${sheet.model}`)
  return [
    {
      code: 'deep-idle-vetoed',
      severity: 'note',
      step: 'drives',
      partIds: power.vetoPartIds,
      groupIds: [],
      sentence: `${[...new Set(names)].join(' and ')} keeps the CPU out of deep idle: ${say.watts(power.vetoWatts, 1)} more, day and night.`,
      numbers: { vetoWatts: power.vetoWatts },
    },
  ]
}
