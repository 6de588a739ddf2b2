import fc from 'fast-check'
import { demoDesign } from '../../fixtures/demo'
import { type DayProfile, HOUR_STATES, type HourState } from '../design/brief'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { applyEdit } from '../design/edits/edit'
import { evaluate } from '../evaluate'
import { piecesOf } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'
import { exactly } from '../units/amount'
import { dayPower } from './dayPower'
import { savings } from './savings'
import { spinDown, USUAL_START_CYCLES } from './spinDown'
import { suggestedDay } from './suggestedDay'
import { supplyLoss } from './supplyLoss'

const shelf = demoDesign('warm-room-shelf')
const allDay = (state: HourState): DayProfile => ({
  weekday: Array<HourState>(24).fill(state),
  weekend: Array<HourState>(24).fill(state),
})
const flat = { pricePerKilowattHourMinor: 32, priceBands: [] }

describe('a day', () => {
  // Common practice, no source: sums from electricity bills.
  test('23 W all day at 0.32 a kWh are 5.37 a month', () => {
    const { mean, costPerYear } = dayPower(allDay('spinning'), () => exactly(23, 'W'), flat)
    expect(mean.likely).toBeCloseTo(23, 10)
    expect(costPerYear.likely / 12 / 100).toBeCloseTo(5.37, 2)
  })

  test('hours have their own price: 10 W by night at 20 and 30 W by day at 40', () => {
    const day: HourState[] = Array.from({ length: 24 }, (_, hour) =>
      hour < 12 ? 'asleep' : 'spinning',
    )
    const bands = [{ fromHour: 0, toHour: 12, minor: 20 }]
    const { mean, costPerYear, kilowattHoursPerYear } = dayPower(
      { weekday: day, weekend: day },
      (state) => exactly(state === 'asleep' ? 10 : 30, 'W'),
      { pricePerKilowattHourMinor: 40, priceBands: bands },
    )
    expect(mean.likely).toBeCloseTo(20, 10)
    expect(kilowattHoursPerYear).toBeCloseTo(175.2, 9)
    // 120 Wh at 20 and 360 Wh at 40 cents a day: 16.8 cents; at the mean price it would be 14.4.
    expect(costPerYear.likely).toBe(Math.round(365 * 16.8))
  })

  test('weekdays count five times, weekends twice', () => {
    const profile = { weekday: allDay('asleep').weekday, weekend: allDay('spinning').weekend }
    const { hours, mean } = dayPower(
      profile,
      (state) => exactly(state === 'asleep' ? 7 : 14, 'W'),
      flat,
    )
    expect(mean.likely).toBeCloseTo(9, 10)
    expect(hours.reduce((sum, { hoursPerDay }) => sum + hoursPerDay, 0)).toBeCloseTo(24, 10)
  })

  test('the mean lies between the least and the most of its hours', () => {
    const hours = fc.array(fc.constantFrom(...HOUR_STATES), { minLength: 24, maxLength: 24 })
    fc.assert(
      fc.property(hours, hours, (weekday, weekend) => {
        const watts = (state: HourState): number => 5 + 7 * HOUR_STATES.indexOf(state)
        const all = [...weekday, ...weekend].map(watts)
        const { mean } = dayPower({ weekday, weekend }, (state) => exactly(watts(state), 'W'), flat)
        expect(mean.likely).toBeGreaterThanOrEqual(Math.min(...all) - 1e-9)
        expect(mean.likely).toBeLessThanOrEqual(Math.max(...all) + 1e-9)
      }),
    )
  })
})

describe('the day that is suggested', () => {
  const nobody = { readersAtOnce: 0, readers: [], secondCopyEveryHours: null }
  const count = (hours: readonly HourState[], state: HourState): number =>
    hours.filter((one) => one === state).length

  test('idles without readers, asleep or spinning by the house rule', () => {
    expect(suggestedDay(nobody, { spinDownMinutes: null })).toEqual(allDay('spinning'))
    expect(suggestedDay(nobody, { spinDownMinutes: 20 })).toEqual(allDay('asleep'))
  })

  test('has readers in the evening, more at weekends, and a copy at night', () => {
    const { weekday, weekend } = suggestedDay(
      { ...nobody, readersAtOnce: 4, secondCopyEveryHours: 24 },
      { spinDownMinutes: null },
    )
    expect(count(weekday, 'one reader')).toBe(3 + 1)
    expect(count(weekday, 'all readers')).toBe(1)
    expect(count(weekend, 'one reader')).toBe(7 + 1)
    expect(weekday[3]).toBe('one reader')
  })
})

describe('the limit on watts', () => {
  const rested = applyEdit(shelf, { do: 'change-house-rules', change: { spinDownMinutes: 30 } })
  const limited = (idleState: 'spinning' | 'asleep' | 'mean', design: Design = rested) =>
    evaluate(changeBrief(design, { idleWattsLimit: 25, idleState })).limits.find(
      ({ id }) => id === 'idle',
    )

  test('is held against the figure that the brief chooses', () => {
    const { power } = evaluate(rested)
    expect(limited('spinning')?.has?.likely).toBe(power.wall?.likely)
    expect(limited('asleep')?.has?.likely).toBe(power.asleep?.likely)
    expect(limited('mean')?.has?.likely).toBe(power.mean?.likely)
    expect(power.asleep?.likely).toBeLessThan(power.mean?.likely ?? 0)
    expect(power.mean?.likely).toBeLessThan(power.wall?.likely ?? 0)
  })

  test('and a day of one’s own changes the mean and the money alone', () => {
    const [before, after] = [null, allDay('scrub')].map((day) =>
      evaluate(changeBrief(shelf, { day })),
    )
    expect(after?.power.wall).toEqual(before?.power.wall)
    expect(after?.power.mean?.likely).toBeGreaterThan(before?.power.mean?.likely ?? Infinity)
    expect(after?.power.costPerYear?.likely).toBeGreaterThan(
      before?.power.costPerYear?.likely ?? Infinity,
    )
  })
})

describe('disks that sleep', () => {
  const disks = piecesOf(resolveMachine(shelf), 'drive')
  const evening: HourState[] = Array.from({ length: 24 }, (_, hour) =>
    hour >= 18 && hour < 22 ? 'one reader' : 'asleep',
  )
  const rest = { weekday: evening, weekend: evening }

  test('one stretch a day, less the minutes until they stop', () => {
    const { asleepHoursPerDay, startsPerYear, yearsOfStarts } = spinDown(rest, 30, disks, 1)
    expect(asleepHoursPerDay).toBeCloseTo(19.5, 10)
    expect(startsPerYear).toBeCloseTo(365, 10)
    expect(yearsOfStarts).toBeCloseTo(300_000 / 365, 6)
  })

  test('a stretch shorter than that is none, one that is longer counts for what is left of it', () => {
    const hour: HourState[] = Array.from({ length: 24 }, (_, at) =>
      at === 5 ? 'asleep' : 'spinning',
    )
    const asleep = (minutes: number): number =>
      spinDown({ weekday: hour, weekend: hour }, minutes, disks, 1).asleepHoursPerDay
    expect(asleep(20)).toBeCloseTo(2 / 3, 10)
    expect(asleep(60)).toBe(0)
    expect(asleep(90)).toBe(0)
  })

  // Common practice, no source: one every 20 minutes is more than ten years.
  test('300,000 starts are one every 20 minutes for more than ten years', () => {
    expect(USUAL_START_CYCLES / (3 * 24 * 365)).toBeGreaterThan(10)
  })

  test('the first reader waits for all that wake one after another', () => {
    expect(spinDown(rest, 30, disks, 4).firstWaitSeconds.likely).toBe(9)
    expect(spinDown(rest, 30, disks, 4).oneByOneWaitSeconds.likely).toBe(36)
    expect(spinDown(rest, 30, [], 1).firstWaitSeconds).toEqual({
      low: 6,
      likely: 10,
      high: 20,
    })
  })

  test('disks that never sleep never start', () => {
    const { startsPerYear, yearsOfStarts } = spinDown(allDay('spinning'), 30, disks, 1)
    expect([startsPerYear, yearsOfStarts]).toEqual([0, Infinity])
    expect(spinDown(allDay('asleep'), 30, disks, 1).startsPerYear).toBe(365)
  })
})

describe('what could be saved', () => {
  const savingsOf = (design: Design) =>
    savings(design, resolveMachine(design), evaluate(design).power)

  test('names what it is and how much, the greatest first', () => {
    const cabin = demoDesign('cabin-archive')
    const found = savingsOf(cabin)
    const watts = found.map((one) => one.watts)
    expect(watts).toEqual([...watts].sort((one, other) => other - one))
    expect(found.find(({ what }) => what === 'veto')?.watts).toBe(9)
    // Twelve disks of 4.4 W and 0.9 W asleep, at most 42 W behind the supply.
    const asleep = found.find(({ what }) => what === 'disks sleep')?.watts ?? 0
    expect(asleep).toBeGreaterThan(20)
    expect(asleep).toBeLessThan(50)
  })

  test('the best supply saves what it loses less, at what the machine likely draws', () => {
    const cabin = demoDesign('cabin-archive')
    const { dc } = evaluate(cabin).power
    const supply = cabin.snapshots.flatMap(({ sheet }) =>
      sheet.kind === 'supply' ? [sheet] : [],
    )[0]
    if (!supply) throw new Error('no supply')
    const likelyLoss = (certificate: typeof supply.certificate): number =>
      supplyLoss(dc.likely, { ...supply, certificate }, cabin.brief.mainsVolts).likely
    const better = savingsOf(cabin).find(({ what }) => what === 'better supply')
    expect(better?.watts).toBeCloseTo(likelyLoss(supply.certificate) - likelyLoss('titanium'), 10)
  })

  test('disks that sleep already save nothing more', () => {
    const rested = applyEdit(shelf, { do: 'change-house-rules', change: { spinDownMinutes: 20 } })
    expect(savingsOf(rested).map(({ what }) => what)).not.toContain('disks sleep')
  })
})
