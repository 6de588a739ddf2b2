import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  lines: number
  /** The part and its currency, when it is only one. */
  only: { partId: PieceId; currency: string } | null
}

/** A price in another currency is left out of the sum instead of being added as if it were the same. */
export const otherCurrency: Rule<'other-currency', Facts> = {
  code: 'other-currency',
  step: 'brief',
  find: ({ cost }) => {
    const lines = cost.lines.filter(({ standing }) => standing === 'other currency')
    if (lines.length === 0) return []
    const [line] = lines
    const partId = line?.partIds[0]
    const only =
      lines.length === 1 && line?.price && partId !== undefined
        ? { partId, currency: line.price.currency }
        : null
    const partIds = lines.flatMap((one) => one.partIds)
    return [found('risks', { partIds }, { lines: lines.length, only })]
  },
  sentence: ({ lines, only }, { piece, currency, format }) =>
    only
      ? `${piece(only.partId)} is priced in ${only.currency}, so it is not in the sum, which is in ${currency}.`
      : `${format.number(lines)} lines are priced in another currency than ${currency}, so they are not in the sum.`,
}
