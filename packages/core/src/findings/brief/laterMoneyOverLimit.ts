import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { laterMoneyLimit } from '../../limits/laterMoneyLimit'
import type { Amount } from '../../units/amount'

interface Facts {
  costPerYear: Amount<'money'>
  laterMinorPerYear: number
}

/** The power of a year costs more than the brief allows for a later year. */
export const laterMoneyOverLimit: Rule<'later-money-over-limit', Facts> = {
  code: 'later-money-over-limit',
  step: 'brief',
  find: ({ judged }) => {
    const limit = judged(laterMoneyLimit)
    const amount = limit?.has
    if (!amount || limit.status === 'kept' || limit.status === 'not known') return []
    const { laterMinorPerYear } = limit.facts
    const isLikely = amount.likely > laterMinorPerYear
    const facts = { costPerYear: { ...amount, unit: 'money' as const }, laterMinorPerYear }
    return [found(isLikely ? 'risks' : 'note', {}, facts)]
  },
  sentence: ({ costPerYear, laterMinorPerYear }, { currency, format }) => {
    const write = (minor: number, digits = 0): string => format.moneyTo(minor, currency, digits)
    const isLikely = costPerYear.likely > laterMinorPerYear
    const worst = isLikely ? costPerYear.likely : costPerYear.high
    const [cost, allowed] = format.apart(worst, laterMinorPerYear, write)
    return `Power alone ${isLikely ? 'costs' : 'may cost'} ${cost} a year; the brief allows ${allowed} for power and what is added.`
  },
}
