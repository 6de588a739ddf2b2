import { found } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { listed } from '../../judging/words'
import type { Missing } from '../../units/amount'

interface Facts {
  missing: readonly Missing[]
  /** Lines that are of no piece of the machine: bundles without one, and what is bought beside it. */
  others: readonly string[]
}

/** Parts to buy that have no price: the sum is too low by what they cost. */
export const priceNotKnown: Rule<'price-not-known', Facts> = {
  code: 'price-not-known',
  step: 'money',
  find: ({ cost }) => {
    const lines = cost.lines.filter(({ standing }) => standing === 'no price')
    if (lines.length === 0) return []
    const partIds = lines.flatMap((line) => line.partIds)
    const missing = partIds.flatMap((id) => missingOf({ id }, 'price'))
    const others = lines.filter((line) => line.partIds.length === 0).map(({ name }) => name)
    return [found('note', { partIds }, { missing, others })]
  },
  sentence: ({ missing, others }, { pieces }) => {
    const ids = missing.flatMap(({ pieceId }) => pieceId ?? [])
    const names = [...(ids.length > 0 ? [pieces(ids)] : []), ...others]
    return `The price of ${listed(names)} is not known, so the sum is too low.`
  },
}
