import type { Rule } from '../finding'

/** Redundancy keeps a pool running; it does not bring back what was deleted, burnt or stolen. */
export const noSecondCopy: Rule = ({ brief }, { capacity }, say) => {
  if (capacity.availableBytes === 0 || brief.secondCopy.trim() !== '') return []
  return [
    {
      code: 'no-second-copy',
      severity: 'risks',
      step: 'brief',
      partIds: [],
      groupIds: [],
      sentence: `Redundancy is not a backup: the brief does not say where the second copy of ${brief.dataNowBytes > 0 ? `these ${say.space(brief.dataNowBytes)}` : 'the data'} is.`,
      numbers: { dataNowBytes: brief.dataNowBytes },
    },
  ]
}
