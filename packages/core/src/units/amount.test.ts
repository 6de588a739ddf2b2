import fc from 'fast-check'
import { statusOf } from '../judging/statusOf'
import { type Amount, exactly, mapAmount, sumOf } from './amount'
import { apart } from './apart'
import { formatterFor } from './formatter'

const english = formatterFor('en')
const missing = [{ pieceId: 'fan-1', field: 'idleWatts' }]
const band: Amount<'W'> = { low: 26, likely: 28, high: 36, unit: 'W', missing: [] }

const amounts = fc
  .tuple(fc.nat(1000), fc.nat(1000), fc.nat(1000), fc.boolean())
  .map(([low, more, most, isPartial]): Amount<'W'> => ({
    low,
    likely: low + more,
    high: low + more + most,
    unit: 'W',
    missing: isPartial ? missing : [],
  }))

test('a sum adds ends and collects what is missing, each once', () => {
  const sum = sumOf([band, exactly(4, 'W', missing), exactly(1, 'W', missing)], 'W')
  expect(sum).toEqual({ low: 31, likely: 33, high: 41, unit: 'W', missing })
  expect(sumOf([], 'B')).toEqual(exactly(0, 'B'))
})

test('sums and rising functions keep the order of the ends', () => {
  fc.assert(
    fc.property(fc.array(amounts), fc.nat(100), (some, factor) => {
      const { low, likely, high } = mapAmount(sumOf(some, 'W'), (watts) => watts * factor)
      expect(low).toBeLessThanOrEqual(likely)
      expect(likely).toBeLessThanOrEqual(high)
    }),
  )
})

test.each([
  ['under the whole band', band, { most: 36 }, 'kept'],
  ['inside the band', band, { most: 30 }, 'may be missed'],
  ['at its lower end', band, { most: 26 }, 'may be missed'],
  ['over the whole band', band, { most: 25 }, 'missed'],
  ['reached by the whole band', band, { least: 26 }, 'kept'],
  ['reached by some of the band', band, { least: 36 }, 'may be missed'],
  ['not reached', band, { least: 37 }, 'missed'],
  ['exactly the limit', exactly(40, 'W'), { most: 40 }, 'kept'],
  ['a hair over it', exactly(40.0001, 'W'), { most: 40 }, 'missed'],
  ['under it, and something is missing', exactly(10, 'W', missing), { most: 40 }, 'not known'],
  ['over it already', exactly(41, 'W', missing), { most: 40 }, 'missed'],
  ['reached already', exactly(41, 'W', missing), { least: 40 }, 'kept'],
  ['not reached yet', exactly(10, 'W', missing), { least: 40 }, 'not known'],
] as const)('a limit %s', (_name, amount, bound, status) => {
  expect(statusOf(amount, bound)).toBe(status)
})

test('what is missing never makes a limit kept that would be missed with it', () => {
  fc.assert(
    fc.property(amounts, fc.nat(500), fc.nat(3000), (known, unknown, most) => {
      const whole = sumOf([{ ...known, missing: [] }, exactly(unknown, 'W')], 'W')
      const before = statusOf({ ...known, missing }, { most })
      if (before === 'kept') expect(statusOf(whole, { most })).toBe('kept')
      if (before === 'missed') expect(statusOf(whole, { most })).toBe('missed')
    }),
  )
})

test('two figures are written with as few digits as tell them apart', () => {
  expect(apart(40, 40, english.watts)).toEqual(['40 W', '40 W'])
  expect(apart(40.2, 40, english.watts)).toEqual(['40.2 W', '40 W'])
  expect(apart(40.004, 40, english.watts)).toEqual(['40.004 W', '40 W'])
  expect(apart(61, 40, english.watts)).toEqual(['61 W', '40 W'])
})

test('a figure beside a limit never looks as if it were on the other side', () => {
  const cents = fc.integer({ min: 1, max: 100_000 })
  fc.assert(
    fc.property(cents, cents, (one, other) => {
      const [left, right] = apart(one / 100, other / 100, english.number)
      const value = (text: string): number => Number(text.replaceAll(',', ''))
      expect(Math.sign(value(left) - value(right))).toBe(Math.sign(one - other))
    }),
  )
})

test('a share is only 100 % or 0 % when it is', () => {
  expect(english.percent(59_616 / 59_640)).toBe('99.96 %')
  expect(english.percent(1)).toBe('100 %')
  expect(english.percent(0)).toBe('0 %')
  expect(english.percent(0.0004)).toBe('0.04 %')
  expect(english.percent(0.8)).toBe('80 %')
})
