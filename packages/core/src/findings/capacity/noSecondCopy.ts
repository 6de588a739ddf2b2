import { dataNowBytes } from '../../design/brief'
import type { Rule } from '../../judging/rule'

/** Redundancy keeps a pool running; it does not bring back what was deleted, burnt or stolen. */
export const noSecondCopy: Rule = ({ design, capacity }, format) => {
  const { brief } = design
  if (capacity.availableBytes === 0 || brief.secondCopy.trim() !== '') return []
  const nowBytes = dataNowBytes(brief)
  return [
    {
      code: 'no-second-copy',
      severity: 'risks',
      step: 'brief',
      partIds: [],
      groupIds: [],
      sentence: `Redundancy is not a backup: the brief does not say where the second copy of ${nowBytes > 0 ? `these ${format.space(nowBytes)}` : 'the data'} is.`,
      numbers: { dataNowBytes: nowBytes },
    },
  ]
}
