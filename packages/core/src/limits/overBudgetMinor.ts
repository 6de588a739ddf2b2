import type { AnyJudgedLimit } from './limits'

/**
 * By how much is the bill over the budget, in minor units of the bill's currency?
 *
 * @returns null where it is not, or nobody knows it; the status of the limit says which
 */
export function overBudgetMinor(
  limits: readonly Pick<AnyJudgedLimit, 'id' | 'status' | 'bound' | 'has'>[],
): number | null {
  const budget = limits.find(({ id }) => id === 'cost')
  if (budget?.status !== 'missed' || !budget.has || !('most' in budget.bound)) return null
  return budget.has.low - budget.bound.most
}
