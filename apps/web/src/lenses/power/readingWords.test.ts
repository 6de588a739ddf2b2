import type { AgainstPlan } from '@flint/core/figures'
import { readingWords } from './readingWords'

const expected: AgainstPlan['expected'] = {
  low: 36,
  likely: 40,
  high: 50,
  unit: 'W',
  missing: [],
}
const reading = (
  measuredWatts: number,
  stands: AgainstPlan['stands'],
  missing: AgainstPlan['expected']['missing'] = [],
): AgainstPlan => ({
  measuredWatts,
  expected: { ...expected, missing },
  differenceWatts: measuredWatts - expected.likely,
  stands,
})

test.each([
  [reading(44, 'within'), '44 W is within what is expected: 40 W (36 to 50 W).'],
  [
    reading(52.5, 'above'),
    '△ 52.5 W is 12.5 W more than is likely, and outside what is expected: 40 W (36 to 50 W).',
  ],
  [
    reading(30, 'below'),
    '△ 30 W is 10 W less than is likely, and outside what is expected: 40 W (36 to 50 W).',
  ],
  [
    reading(52, 'not known', [{ pieceId: 'cpu-1', field: 'deepIdleWatts' }]),
    '52 W against at least 36 W: the plan is not known whole, so nobody can say whether that is too much.',
  ],
])('%#', (one, words) => {
  expect(readingWords(one)).toBe(words)
})
