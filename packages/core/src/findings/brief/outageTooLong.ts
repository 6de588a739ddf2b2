import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { outageLimit } from '../../limits/outageLimit'

interface Facts {
  hours: number
  outageHoursTolerated: number
}

/** Bringing the data back after a failure takes longer than the brief tolerates. */
export const outageTooLong: Rule<'outage-too-long', Facts> = {
  code: 'outage-too-long',
  step: 'drives',
  find: ({ judged }) => {
    const limit = judged(outageLimit)
    if (limit?.status !== 'missed' || !limit.has) return []
    const { outageHoursTolerated } = limit.facts
    return [found('risks', {}, { hours: limit.has.low, outageHoursTolerated })]
  },
  sentence: ({ hours, outageHoursTolerated }, { format }) => {
    const write = (value: number, digits = 1): string =>
      format.counted(value, 'hour', 'hours', digits)
    const [takes, tolerated] = format.apart(hours, outageHoursTolerated, write, 1)
    return `After a drive dies its files must be copied back: at least ${takes}, and the brief tolerates ${tolerated}.`
  },
}
