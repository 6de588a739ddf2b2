import type { BillLine } from '@flint/core/figures'
import { breakEvenText, lineSum, moneyAmount, monthsText } from './moneyWords'
import { newAlternative } from './newAlternative'
import { today } from '../../controls/today'

test('months are told in years and months', () => {
  expect(monthsText(38)).toBe('3 years and 2 months')
  expect(monthsText(12)).toBe('1 year')
  expect(monthsText(1)).toBe('1 month')
  expect(monthsText(0)).toBe('0 months')
})

test('when it has paid for itself, or what would have to be true', () => {
  const curve: never[] = []
  expect(breakEvenText({ month: 36, curve, neededPerMonthMinor: 1 }, 240, 'EUR')).toBe(
    'The machine has cost no more after 3 years.',
  )
  expect(breakEvenText({ month: 0, curve, neededPerMonthMinor: 1 }, 240, 'EUR')).toBe(
    'The machine costs no more from the first day.',
  )
  expect(breakEvenText({ month: null, curve, neededPerMonthMinor: 6_600.2 }, 60, 'EUR')).toBe(
    'Not within 5 years; it would be, if the other cost €66.01 a month.',
  )
  expect(breakEvenText({ month: null, curve, neededPerMonthMinor: null }, 60, 'EUR')).toBe(
    'Not within 5 years.',
  )
})

test('what is not in the sum says why', () => {
  const line = { standing: 'counted', sumMinor: 12_690 } as BillLine
  expect(lineSum(line, 'EUR')).toBe('€126.90')
  expect(lineSum({ ...line, standing: 'no price', sumMinor: null }, 'EUR')).toBe('price not known')
  expect(lineSum({ ...line, standing: 'other currency', sumMinor: null }, 'EUR')).toBe('no rate')
  expect(lineSum({ ...line, standing: 'owned' }, 'EUR')).toBe('owned')
})

test('money with something missing is at least what is known', () => {
  const amount = { low: 100, likely: 120, high: 150, unit: 'money' as const, missing: [] }
  expect(moneyAmount(amount, 'EUR')).toBe('€1.20')
  expect(moneyAmount({ ...amount, missing: [{ pieceId: 'a', field: 'price' }] }, 'EUR')).toBe(
    'at least €1.00',
  )
})

test('what is new has an id of its own, and a day is the one of the builder', () => {
  const first = newAlternative({ alternatives: [] }, 'bought box')
  const second = newAlternative({ alternatives: [first] }, 'rented space')
  expect([first.id, second.id]).toEqual(['alternative-1', 'alternative-2'])
  expect(today(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05')
})
