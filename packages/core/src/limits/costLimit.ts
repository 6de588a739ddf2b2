import { CHOICES_NEEDED } from '../judging/choiceNeeded'
import type { Limit } from '../judging/limit'
import { boughtBy } from '../money/boughtBy'
import { amountText } from './amountText'

interface Facts {
  costLimitMinor: number
  /** The day by which it must do; null for all that is bought. */
  by: string | null
}

/** What there is to buy, shipping and tax included. */
export const costLimit: Limit<'cost', Facts> = {
  id: 'cost',
  title: 'To buy',
  dependsOn: CHOICES_NEEDED.filter((choice) => choice !== 'layout'),
  judge: ({ brief: { costLimitMinor, costLimitBy }, cost }) =>
    costLimitMinor === null
      ? null
      : {
          bound: { most: costLimitMinor },
          has: boughtBy(cost, costLimitBy),
          facts: { costLimitMinor, by: costLimitBy },
        },
  wanted: ({ facts }, { currency, format }) =>
    `at most ${format.roundMoney(facts.costLimitMinor, currency)}${facts.by === null ? '' : ` by ${facts.by}`}`,
  has: ({ has, facts }, { currency, format }) =>
    has
      ? amountText(has, facts.costLimitMinor, (minor, digits) =>
          format.moneyTo(minor, currency, digits),
        )
      : 'nothing yet',
}
