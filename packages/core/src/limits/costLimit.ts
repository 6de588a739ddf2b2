import { CHOICES_NEEDED } from '../judging/choiceNeeded'
import type { Limit } from '../judging/limit'
import { boughtBy } from '../money/boughtBy'
import { converted } from '../money/converted'
import { exactly } from '../units/amount'
import { amountText } from './amountText'

interface Facts {
  /** As the brief has it, in its own currency. */
  costLimitMinor: number
  currency: string
  /** The same in the currency of the bill; null where no rate says it. */
  inBillMinor: number | null
  /** The day by which it must do; null for all that is bought. */
  by: string | null
}

/** What there is to buy, shipping and tax included. */
export const costLimit: Limit<'cost', Facts> = {
  id: 'cost',
  title: 'To buy',
  dependsOn: CHOICES_NEEDED.filter((choice) => choice !== 'layout'),
  judge: ({ brief: { costLimitMinor, costLimitCurrency, costLimitBy }, cost, rates }) => {
    if (costLimitMinor === null) return null
    const currency = costLimitCurrency ?? cost.currency
    const inBillMinor = converted(costLimitMinor, currency, cost.currency, rates)
    const facts = { costLimitMinor, currency, inBillMinor, by: costLimitBy }
    // A budget that nobody can convert is neither kept nor missed, whatever the bill comes to.
    return inBillMinor === null
      ? {
          bound: { most: costLimitMinor },
          has: exactly(0, 'money', [{ pieceId: null, field: 'rate' }]),
          facts,
        }
      : { bound: { most: inBillMinor }, has: boughtBy(cost, costLimitBy), facts }
  },
  wanted: ({ facts }, { currency, format }) => {
    const { costLimitMinor, inBillMinor, by } = facts
    const asked = `at most ${format.roundMoney(costLimitMinor, facts.currency)}`
    const here =
      facts.currency === currency
        ? ''
        : inBillMinor === null
          ? ` (no rate into ${currency})`
          : ` (${format.roundMoney(inBillMinor, currency)})`
    return `${asked}${here}${by === null ? '' : ` by ${by}`}`
  },
  has: ({ has, facts: { inBillMinor } }, { currency, format }) =>
    has && inBillMinor !== null
      ? amountText(has, inBillMinor, (minor, digits) => format.moneyTo(minor, currency, digits))
      : 'not known',
}
