import { type Limit, standingOf } from './limit'

/** Money of later years against the power that the machine draws in one. */
export const laterMoneyLimit: Limit = ({ brief }, { power }, say) => {
  const { laterMinorPerYear, currency } = brief
  if (laterMinorPerYear === null) return null
  const { costPerYearMinor } = power
  const standing = standingOf(costPerYearMinor, (minor) => minor <= laterMinorPerYear)
  const allowed = say.roundMoney(laterMinorPerYear, currency)
  const powerCost = costPerYearMinor === null ? '' : say.roundMoney(costPerYearMinor, currency)
  return {
    id: 'later-money',
    title: 'Each later year',
    standing,
    wanted: `at most ${allowed}`,
    has: costPerYearMinor === null ? 'no supply yet' : `${powerCost} for power`,
    finding:
      standing === 'missed'
        ? {
            code: 'later-money-over-limit',
            severity: 'risks',
            step: 'brief',
            partIds: [],
            groupIds: [],
            sentence: `Power alone costs ${powerCost} a year; the brief allows ${allowed} for power and what is added.`,
            numbers: { costPerYearMinor: costPerYearMinor ?? 0, laterMinorPerYear },
          }
        : null,
  }
}
