import type { Rule } from '../../judging/rule'

/** Without a supply the watts at the wall cannot be told. */
export const wallNotKnown: Rule = ({ power }, format) => {
  if (power.wallWatts !== null) return []
  return [
    {
      code: 'wall-not-known',
      severity: 'blocks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence: `No power supply is chosen, so the watts at the wall are not known; ${format.watts(power.dcWatts, 1)} are needed behind it.`,
      numbers: { dcWatts: power.dcWatts },
    },
  ]
}
