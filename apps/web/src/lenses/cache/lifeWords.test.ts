import { type LivingDevice, lifeWords } from './lifeWords'

const sheet = { capacityBytes: 1e12, enduranceBytes: 600e12, warrantyYears: null }
const figure = (change: Partial<LivingDevice>): LivingDevice => ({
  device: { dataSheet: sheet },
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
  [
    // 600 TB over 5 years of 365.25 days and 1 TB each.
    { device: { dataSheet: { ...sheet, warrantyYears: 5 } } },
    '55 GB a day: lasts about 12 months (6 to 24), 0.06 of 0.33 DWPD',
  ],
  [{ writtenBytesPerDay: 0, years: null, freeBytes: 10e9 }, 'nothing is written to it, 10 GB free'],
])('%j', (change, words) => {
  expect(lifeWords(figure(change)).replaceAll(/\.0\b/g, '')).toBe(words)
})
