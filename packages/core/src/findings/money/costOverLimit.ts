import type { Rule } from '../rule'

/** The bill is over what the brief allows. */
export const costOverLimit: Rule = ({ brief }, { cost }, say) => {
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
      sentence: `${say.roundMoney(cost.totalMinor, cost.currency)} to buy, ${say.roundMoney(overMinor, cost.currency)} over the limit.`,
      numbers: { totalMinor: cost.totalMinor, costLimitMinor, overMinor },
    },
  ]
}
