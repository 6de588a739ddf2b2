import { found } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import type { Missing } from '../../units/amount'

interface Facts {
  missing: readonly Missing[]
}

/** Parts to buy that have no price: the sum is too low by what they cost. */
export const priceNotKnown: Rule<'price-not-known', Facts> = {
  code: 'price-not-known',
  step: 'brief',
  find: ({ cost }) => {
    const partIds = cost.lines
      .filter(({ standing }) => standing === 'no price')
      .flatMap((line) => line.partIds)
    if (partIds.length === 0) return []
    const missing = partIds.flatMap((id) => missingOf({ id }, 'price'))
    return [found('note', { partIds }, { missing })]
  },
  sentence: ({ missing }, { pieces }) =>
    `The price of ${pieces(missing.flatMap(({ pieceId }) => pieceId ?? []))} is not known, so the sum is too low.`,
}
