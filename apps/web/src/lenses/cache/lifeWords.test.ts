import type { DeviceFigure } from '@flint/core/figures'
import { lifeWords } from './lifeWords'

const figure = (change: Partial<DeviceFigure>): DeviceFigure => ({
  device: {} as DeviceFigure['device'],
  partitions: [],
  freeBytes: 0,
  writtenBytesPerDay: 55e9,
  years: { low: 0.5, likely: 1, high: 2 },
  missing: [],
  ...change,
})

test.each([
  [{}, '55 GB a day: lasts about 12 months (6 to 24)'],
  [{ years: { low: 2, likely: 4, high: 8 } }, '55 GB a day: lasts about 4 years (2 to 8)'],
  [
    { years: { low: 20, likely: 40, high: 80 } },
    '55 GB a day: lasts over 30 years (20 to over 30)',
  ],
  [{ years: { low: 31, likely: 62, high: 99 } }, '55 GB a day: lasts over 30 years'],
  [
    { years: null, missing: [{ pieceId: 'x', field: 'enduranceBytes' }] },
    '55 GB a day; how much it endures is not known',
  ],
  [{ writtenBytesPerDay: 0, years: null, freeBytes: 10e9 }, 'nothing is written to it, 10 GB free'],
])('%j', (change, words) => {
  expect(lifeWords(figure(change)).replaceAll(/\.0\b/g, '')).toBe(words)
})
