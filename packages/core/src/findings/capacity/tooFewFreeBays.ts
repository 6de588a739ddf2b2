import type { Rule } from '../../judging/rule'

/** A free bay is for rescue work and growth; the brief says how many. */
export const tooFewFreeBays: Rule = ({ design, bays }, format) => {
  const { brief } = design
  const freeBays = bays.bays.filter(({ drive }) => drive === null).length
  if (bays.bays.length === 0 || freeBays >= brief.freeBaysWanted) return []
  return [
    {
      code: 'too-few-free-bays',
      severity: 'risks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence: `${freeBays === 0 ? 'No bay is' : format.counted(freeBays, 'bay is', 'bays are')} left free; the brief wants ${brief.freeBaysWanted} for rescue work and growth.`,
      numbers: { freeBays, freeBaysWanted: brief.freeBaysWanted },
    },
  ]
}
