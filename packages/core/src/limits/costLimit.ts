import { type Limit, standingOf } from './limit'

/** What there is to buy, shipping included. A rule of its own speaks about it. */
export const costLimit: Limit = ({ brief }, { cost }, say) => {
  const { costLimitMinor } = brief
  if (costLimitMinor === null) return null
  return {
    id: 'cost',
    title: 'To buy',
    standing: standingOf(cost.totalMinor, (minor) => minor <= costLimitMinor),
    wanted: `at most ${say.roundMoney(costLimitMinor, brief.currency)}`,
    has: say.roundMoney(cost.totalMinor, cost.currency),
    finding: null,
  }
}
