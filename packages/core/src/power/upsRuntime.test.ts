import fc from 'fast-check'
import { type HoldingUps, upsRuntime } from './upsRuntime'

const ups = (change: Partial<HoldingUps> = {}): HoldingUps => ({
  ratedWatts: 300,
  minutesAtHalfLoad: 9,
  minutesAtFullLoad: null,
  batteryWattHours: null,
  ...change,
})

test('at the points of its maker it is what he says', () => {
  const two = ups({ minutesAtFullLoad: 3 })
  expect(upsRuntime(150, two)).toEqual({ low: 9, likely: 9, high: 9 })
  expect(upsRuntime(300, two)?.likely).toBeCloseTo(3, 10)
  // Between them as a straight line on paper with two logarithmic axes: 9 × 3^(-1/2) at 212 W.
  expect(upsRuntime(150 * Math.SQRT2, two)?.likely).toBeCloseTo(9 / Math.sqrt(3), 10)
})

test('from one point as a band: at a quarter of the load it lasts at least twice as long', () => {
  const quarter = upsRuntime(75, ups())
  expect(quarter?.low).toBeCloseTo(18, 10)
  expect(quarter?.likely).toBeCloseTo(9 * 2 ** 1.2, 10)
  expect(quarter?.high).toBeCloseTo(9 * 2 ** 1.5, 10)
  expect(upsRuntime(300, ups())?.high).toBeCloseTo(4.5, 10)
})

test('from watt-hours: 100 Wh hold 60 W for 70 minutes when 70 % arrive', () => {
  const bare = ups({ ratedWatts: null, minutesAtHalfLoad: null, batteryWattHours: 100 })
  expect(upsRuntime(60, bare)?.likely).toBeCloseTo(70, 10)
  expect(upsRuntime(60, { ...bare, batteryWattHours: null })).toBeNull()
})

test('a load of one watt has a time, no load has none', () => {
  expect(upsRuntime(1, ups())?.likely).toBeCloseTo(9 * 150 ** 1.2, 6)
  expect(upsRuntime(0, ups())).toBeNull()
})

test('more load is never held for longer', () => {
  const watts = fc.double({ min: 1, max: 400, noNaN: true })
  const sheet = fc.constantFrom(
    ups(),
    ups({ minutesAtFullLoad: 3 }),
    ups({ minutesAtHalfLoad: null, batteryWattHours: 80 }),
  )
  fc.assert(
    fc.property(sheet, watts, watts, (one, a, b) => {
      const [less, more] = a < b ? [a, b] : [b, a]
      const [long, short] = [upsRuntime(less, one), upsRuntime(more, one)]
      for (const end of ['low', 'likely', 'high'] as const) {
        expect(long?.[end]).toBeGreaterThanOrEqual((short?.[end] ?? 0) - 1e-9)
      }
    }),
  )
})
