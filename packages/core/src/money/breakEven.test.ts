import fc from 'fast-check'
import { RISES } from '../design/money'
import { breakEven } from './breakEven'
import { breakEvenSensitivity } from './breakEvenSensitivity'
import { type CostStream, costInMonth, spentBy, spentByAll } from './costStream'

const stream = (
  onceMinor: number,
  perMonthMinor: number,
  rest: Partial<CostStream> = {},
): CostStream => ({
  onceMinor,
  perMonthMinor,
  risePercent: 0,
  rise: 'yearly steps',
  ...rest,
})

// Sums that a builder did by hand: 3,600 and 6 a month against 1,294 a year, (3600) / (1294 / 12 − 6) = 35.35.
const own = [stream(360_000, 600)]
const subscriptions = (rest: Partial<CostStream> = {}): CostStream[] => [
  stream(0, 129_400 / 12, rest),
]

test('the sums done by hand: month 36 without a rise, 34 with 6 % in yearly steps', () => {
  expect(breakEven(own, subscriptions(), 240).month).toBe(36)
  const steps = subscriptions({ risePercent: 6, rise: 'yearly steps' })
  expect(breakEven(own, steps, 240).month).toBe(34)
  // The same rise, a little each month, costs more within each year, and crosses no later.
  const smooth = subscriptions({ risePercent: 6, rise: 'smooth' })
  expect(breakEven(own, smooth, 240).month).toBe(33)
})

const anyStream = fc.record({
  onceMinor: fc.integer({ min: 0, max: 1_000_000 }),
  perMonthMinor: fc.double({ min: 0, max: 50_000, noNaN: true }),
  risePercent: fc.constantFrom(-20, -1, 0, 0.5, 3, 6, 40),
  rise: fc.constantFrom(...RISES),
})

test('the closed form is what a month after the other comes to', () => {
  fc.assert(
    fc.property(anyStream, fc.integer({ min: 0, max: 300 }), (one, months) => {
      let spent = one.onceMinor
      for (let month = 1; month <= months; month += 1) spent += costInMonth(one, month)
      const told = spentBy(one, months)
      expect(Math.abs(told - spent)).toBeLessThanOrEqual(1e-6 * Math.max(1, spent))
    }),
  )
})

test('before the month it has cost more, and what it would need crosses in the last month', () => {
  fc.assert(
    fc.property(anyStream, anyStream, fc.integer({ min: 1, max: 240 }), (mine, theirs, months) => {
      const { month, curve, neededPerMonthMinor } = breakEven([mine], [theirs], months)
      for (const point of curve) {
        if (month === null || point.month < month)
          expect(point.ownMinor).toBeGreaterThan(point.otherMinor)
      }
      if (neededPerMonthMinor === null || neededPerMonthMinor === 0) return
      const asked = { ...theirs, perMonthMinor: neededPerMonthMinor }
      const own = spentByAll([mine], months)
      expect(Math.abs(spentBy(asked, months) - own)).toBeLessThanOrEqual(1e-6 * own)
    }),
  )
})

test('the price of the machine moves the month most where it runs for next to nothing', () => {
  const found = breakEvenSensitivity(own, subscriptions(), 240)
  expect(
    found
      .map(({ assumption }) => assumption)
      .slice(0, 2)
      .toSorted(),
  ).toEqual(['other running', 'own once'])
  const once = found.find(({ assumption }) => assumption === 'own once')
  // A fifth less: 2,880 / 101.83 = 28.3; a fifth more: 4,320 / 101.83 = 42.4.
  expect(once).toMatchObject({ lower: 29, higher: 43, spread: 14 })
  const rise = found.find(({ assumption }) => assumption === 'own rise')
  expect(rise?.spread).toBeLessThan(3)
})

test('months are whole ones, from none to fifty years', () => {
  const asked = (months: number): number => breakEven(own, subscriptions(), months).curve.length
  expect([2.6, 2.4, -3, 1e6].map(asked)).toEqual([4, 3, 1, 601])
  expect(breakEven(own, subscriptions(), 0).neededPerMonthMinor).toBeNull()
})

test('what never crosses says so', () => {
  const { month, neededPerMonthMinor } = breakEven(own, [stream(0, 500)], 60)
  expect(month).toBeNull()
  // (3,600 + 60 × 6) / 60 = 66 a month.
  expect(neededPerMonthMinor).toBeCloseTo(6_600, 6)
})
