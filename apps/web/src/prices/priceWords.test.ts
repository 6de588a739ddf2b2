import type { PriceFigures } from '@flint/core/figures'
import { priceWords } from './priceWords'

const price = {
  slug: 'a',
  seenOn: '2026-10-02',
  currency: 'EUR',
  unitMinor: 17_900,
  shippingMinor: 0,
  condition: 'new' as const,
  shop: '',
  link: '',
}
const figures: PriceFigures = {
  count: 6,
  lowest: price,
  last: { ...price, unitMinor: 18_900, shippingMinor: null },
  medianMinor: 19_550,
  trendMinorPerMonth: -412,
  isUnusuallyLow: false,
  isAtTarget: null,
}

test('what prices come to, in one sentence', () => {
  expect(priceWords(figures, 'EUR')).toBe(
    'New: last €189.00, lowest €179.00 on 2026-10-02, median €195.50, falling by €4 a month.',
  )
})

test('what is worth buying is said after it, and next to nothing is no trend', () => {
  const said = priceWords(
    { ...figures, trendMinorPerMonth: 20, isAtTarget: true, isUnusuallyLow: true },
    'EUR',
  )
  expect(said).toMatch(/, steady\. At or below the target\. Unusually low: 15 %/)
  expect(priceWords({ ...figures, trendMinorPerMonth: null }, 'EUR')).toMatch(/median €195\.50\.$/)
})
