/** Days in the year of an electricity bill. */
export const DAYS_PER_BILL_YEAR = 365
/** Its hours. A month is a twelfth of it, 730 hours. */
export const HOURS_PER_YEAR = 24 * DAYS_PER_BILL_YEAR

/**
 * Energy a steady load takes in a year.
 *
 * @param watts steady watts at the wall
 * @returns kilowatt-hours
 * @example energyPerYearKilowattHours(23) / 12 * 0.32 // 5.37: a month
 */
export function energyPerYearKilowattHours(watts: number): number {
  return (watts * HOURS_PER_YEAR) / 1000
}
