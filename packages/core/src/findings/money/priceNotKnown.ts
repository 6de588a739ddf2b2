import type { Rule } from '../../judging/rule'

/** Parts to buy that have no price: the sum is too low by what they cost. */
export const priceNotKnown: Rule = ({ design, cost }) => {
  const lines = cost.lines.filter(({ pieces, price }) => price === null && pieces > 0)
  if (lines.length === 0) return []
  const ids = new Set(lines.map(({ snapshotId }) => snapshotId))
  return [
    {
      code: 'price-not-known',
      severity: 'note',
      step: 'brief',
      partIds: design.fitted.filter(({ snapshotId }) => ids.has(snapshotId)).map(({ id }) => id),
      groupIds: [],
      sentence: `The price of ${lines.map(({ name }) => name).join(' and ')} is not known, so the sum is too low.`,
      numbers: { lines: lines.length },
    },
  ]
}
