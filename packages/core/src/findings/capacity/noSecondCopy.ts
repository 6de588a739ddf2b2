import { dataNowBytes } from '../../design/brief'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  dataNowBytes: number
}

/** Redundancy keeps a pool running; it does not bring back what was deleted, burnt or stolen. */
export const noSecondCopy: Rule<'no-second-copy', Facts> = {
  code: 'no-second-copy',
  step: 'brief',
  find: ({ brief, capacity }) => {
    if (capacity.availableBytes === 0 || brief.secondCopy.trim() !== '') return []
    return [found('risks', {}, { dataNowBytes: dataNowBytes(brief) })]
  },
  sentence: ({ dataNowBytes: bytes }, { format }) =>
    `Redundancy is not a backup: the brief does not say where the second copy of ${bytes > 0 ? `these ${format.space(bytes)}` : 'the data'} is.`,
}
