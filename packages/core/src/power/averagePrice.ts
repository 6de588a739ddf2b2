import type { Brief } from '../design/brief'

const HOURS_PER_DAY = 24
/** What a kilowatt-hour costs in an hour of the day: the first band that holds it, or the base price. Minor units. */
export function priceInHour(
  {
    pricePerKilowattHourMinor,
    priceBands,
  }: Pick<Brief, 'pricePerKilowattHourMinor' | 'priceBands'>,
  hour: number,
): number {
  const band = priceBands.find(({ fromHour, toHour }) => hour >= fromHour && hour < toHour)
  return band?.minor ?? pricePerKilowattHourMinor
}

/**
 * What does a kilowatt-hour cost a machine that draws the same all day?
 *
 * Every hour of the day counts with the price of the first band that it lies in, or with the base price.
 *
 * @returns minor units of the brief's currency
 * For example 32 as base and 20 from 0 to 6: (18 × 32 + 6 × 20) / 24 = 29.
 */
export function averagePricePerKilowattHourMinor(
  brief: Pick<Brief, 'pricePerKilowattHourMinor' | 'priceBands'>,
): number {
  if (brief.priceBands.length === 0) return brief.pricePerKilowattHourMinor
  let sum = 0
  for (let hour = 0; hour < HOURS_PER_DAY; hour += 1) sum += priceInHour(brief, hour)
  return sum / HOURS_PER_DAY
}
