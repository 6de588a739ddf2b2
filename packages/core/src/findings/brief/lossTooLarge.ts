import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { lossLimit } from '../../limits/lossLimit'

interface Facts {
  hours: number
  lossHoursTolerated: number
}

/** The second copy is older than the brief tolerates. That there is none at all is said by a rule of its own. */
export const lossTooLarge: Rule<'loss-too-large', Facts> = {
  code: 'loss-too-large',
  step: 'brief',
  find: ({ judged }) => {
    const limit = judged(lossLimit)
    if (!limit || limit.status === 'kept' || limit.facts.everything) return []
    if (limit.status === 'not known') {
      return [lack([{ pieceId: null, field: 'secondCopyEveryHours' }], {})]
    }
    const { lossHoursTolerated } = limit.facts
    return [found('risks', {}, { hours: limit.has?.low ?? 0, lossHoursTolerated })]
  },
  sentence: ({ hours, lossHoursTolerated }, { format }) => {
    const write = (value: number, digits = 1): string =>
      format.counted(value, 'hour', 'hours', digits)
    const [every, tolerated] = format.apart(hours, lossHoursTolerated, write, 1)
    return `The second copy is made every ${every}, so fire, theft or a wrong delete can take that much work; the brief tolerates ${tolerated}.`
  },
  question: 'how much work a fire or a theft takes',
}
