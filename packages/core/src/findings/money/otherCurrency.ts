import type { Rule } from '../../judging/rule'

/** A price in another currency is left out of the sum instead of being added as if it were the same. */
export const otherCurrency: Rule = ({ design, cost }, format) => {
  const lines = cost.lines.filter(({ counted, pieces, price }) => price && !counted && pieces > 0)
  if (lines.length === 0) return []
  const ids = new Set(lines.map(({ snapshotId }) => snapshotId))
  const only = lines.length === 1 ? lines[0] : undefined
  return [
    {
      code: 'other-currency',
      severity: 'risks',
      step: 'brief',
      partIds: design.fitted.filter(({ snapshotId }) => ids.has(snapshotId)).map(({ id }) => id),
      groupIds: [],
      sentence: only?.price
        ? `${only.name} is priced in ${only.price.currency}, so it is not in the sum, which is in ${cost.currency}.`
        : `${format.number(lines.length)} lines are priced in another currency than ${cost.currency}, so they are not in the sum.`,
      numbers: { lines: lines.length },
    },
  ]
}
