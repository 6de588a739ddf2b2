import { certain } from '../units/certain'
import type { Brief, DayProfile, HourState } from '../design/brief'
import { type Amount, mapAmount, sumOf } from '../units/amount'
import { priceInHour } from './averagePrice'
import { energyPerYearKilowattHours } from './energyPerYear'
import { DAY_KINDS, DAYS_OF_WEEK, DAYS_PER_WEEK } from './weekDays'

const HOURS_PER_DAY = 24

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
  for (const kind of DAY_KINDS) {
    profile[kind].forEach((state, hour) => {
      const share = DAYS_OF_WEEK[kind] / DAYS_PER_WEEK / HOURS_PER_DAY
      shareOf.set(state, (shareOf.get(state) ?? 0) + share)
      priceOf.set(state, (priceOf.get(state) ?? 0) + share * priceInHour(brief, hour))
    })
  }
  const states = [...shareOf.keys()]
  const mean = sumOf(
    states.map((state) => mapAmount(wallOf(state), (watts) => watts * certain(shareOf.get(state)))),
    'W',
  )
  const cost = sumOf(
    states.map((state) =>
      mapAmount(
        wallOf(state),
        (watts) => energyPerYearKilowattHours(watts) * certain(priceOf.get(state)),
        'money',
      ),
    ),
    'money',
  )
  return {
    mean,
    kilowattHoursPerYear: energyPerYearKilowattHours(mean.likely),
    costPerYear: mapAmount(cost, Math.round),
    hours: states.map((state) => ({
      state,
      hoursPerDay: HOURS_PER_DAY * certain(shareOf.get(state)),
    })),
  }
}
