import type { Rule } from '../../judging/rule'

/** Fewer failures are survived than the brief asks for. */
export const tooFewFailuresSurvived: Rule = ({ design, survival }) => {
  const { brief } = design
  const { alwaysSurvived } = survival
  const { failuresWanted } = brief
  if (alwaysSurvived === null || failuresWanted === null || alwaysSurvived >= failuresWanted) {
    return []
  }
  return [
    {
      code: 'too-few-failures-survived',
      severity: 'risks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence:
        alwaysSurvived === 0
          ? `No failure is sure to be survived; the brief asks for any ${failuresWanted}.`
          : `Any ${alwaysSurvived} ${alwaysSurvived === 1 ? 'failure is' : 'failures are'} survived; the brief asks for any ${failuresWanted}.`,
      numbers: { alwaysSurvived, failuresWanted },
    },
  ]
}
