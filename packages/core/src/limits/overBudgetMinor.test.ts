import { exactly } from '../units/amount'
import { overBudgetMinor } from './overBudgetMinor'

const bill = { ...exactly(2_000, 'money'), low: 1_200, high: 3_000 }

test('a bill is over its budget by what is sure', () => {
  const over = { id: 'cost', status: 'missed', bound: { most: 1_000 }, has: bill } as const
  expect(overBudgetMinor([over])).toBe(200)
})

test('one that is not missed, or that nobody knows, is over by nothing that could be said', () => {
  const over = { id: 'cost', bound: { most: 1_000 }, has: bill } as const
  for (const status of ['kept', 'may be missed', 'not known'] as const) {
    expect(overBudgetMinor([{ ...over, status }])).toBeNull()
  }
  expect(overBudgetMinor([{ ...over, status: 'missed', has: null }])).toBeNull()
  expect(overBudgetMinor([])).toBeNull()
})
