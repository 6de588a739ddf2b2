import type { BuyWhen } from '@flint/core/editing'
import type { BillGroup } from '@flint/core/figures'

export const WHEN_WORDS: Record<BuyWhen, string> = {
  now: 'to order now',
  later: 'later',
  bought: 'bought',
}

/** What stands above lines of the bill that stand together. */
export function groupTitle(of: BillGroup['of']): string {
  if (of === 'at hand') return of
  if ('when' in of) return WHEN_WORDS[of.when]
  return of.shop === '' ? 'no shop said' : of.shop
}
