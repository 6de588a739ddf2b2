import { type Limit, statusOf } from '../judging/limit'

/** What there is to buy, shipping included. A rule of its own speaks about it. */
export const costLimit: Limit = ({ design, cost }, format) => {
  const { brief } = design
  const { costLimitMinor } = brief
  if (costLimitMinor === null) return null
  return {
    id: 'cost',
    title: 'To buy',
    standing: statusOf(cost.totalMinor, (minor) => minor <= costLimitMinor),
    wanted: `at most ${format.roundMoney(costLimitMinor, brief.currency)}`,
    has: format.roundMoney(cost.totalMinor, cost.currency),
    finding: null,
  }
}
