import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  lines: number
  /** The line and its currency, when it is only one. */
  only: { partId: PieceId | null; name: string; currency: string } | null
}

/** A price in a currency without a rate is left out of the sum instead of being added as if it were the same. */
export const otherCurrency: Rule<'other-currency', Facts> = {
  code: 'other-currency',
  step: 'money',
  find: ({ cost }) => {
    const lines = cost.lines.filter(({ standing }) => standing === 'other currency')
    if (lines.length === 0) return []
    const [line] = lines
    const only =
      lines.length === 1 && line?.price
        ? { partId: line.partIds[0] ?? null, name: line.name, currency: line.price.currency }
        : null
    const partIds = lines.flatMap((one) => one.partIds)
    return [found('risks', { partIds }, { lines: lines.length, only })]
  },
  sentence: ({ lines, only }, { currency, format }) =>
    only
      ? `${only.name} is priced in ${only.currency}, and no rate says what that is in ${currency}, so it is not in the sum.`
      : `${format.number(lines)} lines are priced in a currency without a rate to ${currency}, so they are not in the sum.`,
}
