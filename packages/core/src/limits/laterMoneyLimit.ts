import { DRAWS_POWER } from '../judging/drawsPower'
import type { Limit } from '../judging/limit'
import { bandText } from './amountText'

interface Facts {
  laterMinorPerYear: number
}

/** Money of later years against the power that the machine draws in one. */
export const laterMoneyLimit: Limit<'later-money', Facts> = {
  id: 'later-money',
  title: 'Each later year',
  dependsOn: DRAWS_POWER,
  judge: ({ brief: { laterMinorPerYear }, power: { costPerYear } }) =>
    laterMinorPerYear === null
      ? null
      : { bound: { most: laterMinorPerYear }, has: costPerYear, facts: { laterMinorPerYear } },
  wanted: ({ facts }, { currency, format }) =>
    `at most ${format.roundMoney(facts.laterMinorPerYear, currency)}`,
  has: ({ has, facts }, { currency, format }) => {
    if (!has) return 'no supply yet'
    const write = (minor: number, digits = 0): string => format.moneyTo(minor, currency, digits)
    return `${bandText(has, facts.laterMinorPerYear, write)} for power`
  },
}
