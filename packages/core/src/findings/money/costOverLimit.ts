import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { costLimit } from '../../limits/costLimit'

interface Facts {
  totalMinor: number
  costLimitMinor: number
}

/** The bill is over what the brief allows. */
export const costOverLimit: Rule<'cost-over-limit', Facts> = {
  code: 'cost-over-limit',
  step: 'money',
  find: ({ judged, cost }) => {
    const limit = judged(costLimit)
    if (limit?.status !== 'missed') return []
    const costLimitMinor = limit.facts.inBillMinor ?? limit.facts.costLimitMinor
    return [found('risks', {}, { totalMinor: limit.has?.low ?? cost.total.low, costLimitMinor })]
  },
  sentence: ({ totalMinor, costLimitMinor }, { currency, format }) => {
    const write = (minor: number, digits = 0): string => format.moneyTo(minor, currency, digits)
    const [total] = format.apart(totalMinor, costLimitMinor, write)
    const [over] = format.apart(totalMinor - costLimitMinor, 0, write)
    return `${total} to buy, ${over} over the limit.`
  },
}
