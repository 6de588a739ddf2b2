import type { Evaluation } from '@flint/core/figures'
import { format } from '../controls/locale'
import type { LedgerFigure } from './figures'

/**
 * How a figure changed, with its sign and unit: "+4.3 TiB", "−12 W". Empty when it did not.
 */
export function changeText(
  { id, amount }: LedgerFigure,
  before: Evaluation,
  after: Evaluation,
): string {
  const from = amount(before)
  const to = amount(after)
  if (from === null || to === null) return ''
  const change = to - from
  const size = Math.abs(change)
  const words = {
    working: () => format.space(size),
    survived: () => format.number(size),
    idle: () => format.watts(size, 1),
    cost: () => format.roundMoney(size, after.cost.currency),
  }[id]()
  const nothing = { working: 2 ** 30, survived: 1, idle: 0.05, cost: 50 }[id]
  if (size < nothing) return ''
  return `${change > 0 ? '+' : '−'}${words}`
}
