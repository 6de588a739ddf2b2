import type { Rule } from '../../judging/rule'

/** The bill is over what the brief allows. */
export const costOverLimit: Rule = ({ design, cost }, format) => {
  const { brief } = design
  const { costLimitMinor } = brief
  if (costLimitMinor === null || cost.totalMinor <= costLimitMinor) return []
  const overMinor = cost.totalMinor - costLimitMinor
  return [
    {
      code: 'cost-over-limit',
      severity: 'risks',
      step: 'brief',
      partIds: [],
      groupIds: [],
      sentence: `${format.roundMoney(cost.totalMinor, cost.currency)} to buy, ${format.roundMoney(overMinor, cost.currency)} over the limit.`,
      numbers: { totalMinor: cost.totalMinor, costLimitMinor, overMinor },
    },
  ]
}
