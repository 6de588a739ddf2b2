import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { freeBaysLimit } from '../../limits/freeBaysLimit'

interface Facts {
  freeBays: number
  freeBaysWanted: number
}

/** A free bay is for rescue work and growth; the brief says how many. */
export const tooFewFreeBays: Rule<'too-few-free-bays', Facts> = {
  code: 'too-few-free-bays',
  step: 'drives',
  find: ({ judged }) => {
    const limit = judged(freeBaysLimit)
    return limit?.status === 'missed' ? [found('risks', {}, limit.facts)] : []
  },
  sentence: ({ freeBays, freeBaysWanted }, { format }) =>
    `${freeBays === 0 ? 'No bay is' : format.counted(freeBays, 'bay is', 'bays are')} left free; the brief wants ${freeBaysWanted} for rescue work and growth.`,
}
