import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { failuresLimit } from '../../limits/failuresLimit'

interface Facts {
  alwaysSurvived: number
  failuresWanted: number
}

/** Fewer failures are survived than the brief asks for. */
export const tooFewFailuresSurvived: Rule<'too-few-failures-survived', Facts> = {
  code: 'too-few-failures-survived',
  step: 'drives',
  find: ({ judged, survival }) => {
    const limit = judged(failuresLimit)
    if (limit?.status !== 'missed') return []
    const facts = {
      alwaysSurvived: survival.alwaysSurvived ?? 0,
      failuresWanted: limit.facts.failuresWanted,
    }
    return [found('risks', {}, facts)]
  },
  sentence: ({ alwaysSurvived, failuresWanted }, { format }) =>
    alwaysSurvived === 0
      ? `No failure is sure to be survived; the brief asks for any ${failuresWanted}.`
      : `Any ${format.counted(alwaysSurvived, 'failure is', 'failures are')} survived; the brief asks for any ${failuresWanted}.`,
}
