import { type Brief } from '@flint/core/editing'
import { averagePricePerKilowattHourMinor, energyPerYearKilowattHours } from '@flint/core/figures'
import { format } from '../controls/locale'

/** What it costs to draw so much all year: "€14 a year". */
export function yearOf(watts: number, brief: Brief): string {
  const minor = energyPerYearKilowattHours(watts) * averagePricePerKilowattHourMinor(brief)
  return `${format.roundMoney(minor, brief.currency)} a year`
}
