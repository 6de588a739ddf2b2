import { type Limit, statusOf } from '../judging/limit'

/** Money of later years against the power that the machine draws in one. */
export const laterMoneyLimit: Limit = ({ design, power }, format) => {
  const { brief } = design
  const { laterMinorPerYear, currency } = brief
  if (laterMinorPerYear === null) return null
  const { costPerYearMinor } = power
  const standing = statusOf(costPerYearMinor, (minor) => minor <= laterMinorPerYear)
  const allowed = format.roundMoney(laterMinorPerYear, currency)
  const powerCost = costPerYearMinor === null ? '' : format.roundMoney(costPerYearMinor, currency)
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
