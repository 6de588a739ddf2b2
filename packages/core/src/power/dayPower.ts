import type { Brief, DayProfile, HourState } from '../design/brief'
import { type Amount, mapAmount, sumOf } from '../units/amount'
import { DAYS_PER_BILL_YEAR, priceInHour } from './averagePrice'

/** Days of each kind in a week. */
const DAYS = { weekday: 5, weekend: 2 } as const
const DAYS_PER_WEEK = 7
const WATTS_PER_KILOWATT = 1_000

/** What a machine draws through its days. */
export interface DayPower {
  /** Over all hours of a week. */
  mean: Amount<'W'>
  kilowattHoursPerYear: number
  /** Each hour with the price that holds in it. */
  costPerYear: Amount<'money'>
  /** Hours of an average day in each state that there is. */
  hours: { state: HourState; hoursPerDay: number }[]
}

/**
 * What does the machine draw on average, and what does a year of that cost?
 *
 * @param wallOf watts at the wall in each state
 */
export function dayPower(
  profile: DayProfile,
  wallOf: (state: HourState) => Amount<'W'>,
  brief: Pick<Brief, 'pricePerKilowattHourMinor' | 'priceBands'>,
): DayPower {
  const shareOf = new Map<HourState, number>()
  const priceOf = new Map<HourState, number>()
  for (const kind of ['weekday', 'weekend'] as const) {
    profile[kind].forEach((state, hour) => {
      const share = DAYS[kind] / DAYS_PER_WEEK / profile[kind].length
      shareOf.set(state, (shareOf.get(state) ?? 0) + share)
      priceOf.set(state, (priceOf.get(state) ?? 0) + share * priceInHour(brief, hour))
    })
  }
  const hoursPerYear = DAYS_PER_BILL_YEAR * 24
  const states = [...shareOf.keys()]
  const mean = sumOf(
    states.map((state) => mapAmount(wallOf(state), (watts) => watts * (shareOf.get(state) ?? 0))),
    'W',
  )
  const cost = sumOf(
    states.map((state) =>
      mapAmount(
        wallOf(state),
        (watts) => (watts * (priceOf.get(state) ?? 0) * hoursPerYear) / WATTS_PER_KILOWATT,
        'money',
      ),
    ),
    'money',
  )
  return {
    mean,
    kilowattHoursPerYear: (mean.likely * hoursPerYear) / WATTS_PER_KILOWATT,
    costPerYear: mapAmount(cost, Math.round),
    hours: states.map((state) => ({ state, hoursPerDay: 24 * (shareOf.get(state) ?? 0) })),
  }
}
