import { CHOICES_NEEDED } from '../judging/choiceNeeded'
import type { Limit } from '../judging/limit'
import { amountText } from './amountText'

interface Facts {
  costLimitMinor: number
}

/** What there is to buy, shipping included. */
export const costLimit: Limit<'cost', Facts> = {
  id: 'cost',
  title: 'To buy',
  dependsOn: CHOICES_NEEDED.filter((choice) => choice !== 'layout'),
  judge: ({ brief: { costLimitMinor }, cost }) =>
    costLimitMinor === null
      ? null
      : { bound: { most: costLimitMinor }, has: cost.total, facts: { costLimitMinor } },
  wanted: ({ facts }, { currency, format }) =>
    `at most ${format.roundMoney(facts.costLimitMinor, currency)}`,
  has: ({ has, facts }, { currency, format }) =>
    has
      ? amountText(has, facts.costLimitMinor, (minor, digits) =>
          format.moneyTo(minor, currency, digits),
        )
      : 'nothing yet',
}
