import fc from 'fast-check'
import { CONDITIONS } from '../design/money'
import { lowestByDay } from './lowestByDay'
import { priceFigures } from './priceFigures'
import type { PriceObservation } from './priceObservation'
import { pricesCsv, pricesFromCsv } from './pricesCsv'
import { readPriceLine } from './readPriceLine'

const seen = (
  seenOn: string,
  unitMinor: number,
  rest: Partial<PriceObservation> = {},
): PriceObservation => ({
  slug: 'quillon-keep-12',
  seenOn,
  currency: 'EUR',
  unitMinor,
  shippingMinor: 0,
  condition: 'new',
  shop: '',
  link: '',
  ...rest,
})

test('a chart has the lowest of each day, in their order', () => {
  const prices = [
    seen('2026-11-20', 18_900),
    seen('2026-11-02', 20_000, { shippingMinor: null }),
    seen('2026-11-20', 17_000, { shippingMinor: 900 }),
  ]
  expect(lowestByDay(prices)).toEqual([
    { day: '2026-11-02', minor: 20_000 },
    { day: '2026-11-20', minor: 17_900 },
  ])
})

describe('one line', () => {
  const said = { today: '2026-11-27', currency: 'EUR' }

  test('the part, the price, shipping, condition, day and shop', () => {
    expect(readPriceLine('12 TB drive 189 + 5 used 2026-11-20', said)).toEqual({
      partWords: '12 TB drive',
      seenOn: '2026-11-20',
      currency: 'EUR',
      unitMinor: 18_900,
      shippingMinor: 500,
      condition: 'used',
      shop: '',
      link: '',
    })
    expect(readPriceLine('Keep 12 189,50 USD +6.90 at Corner store', said)).toMatchObject({
      partWords: 'Keep 12',
      unitMinor: 18_950,
      shippingMinor: 690,
      currency: 'USD',
      shop: 'Corner store',
      seenOn: '2026-11-27',
      condition: 'new',
    })
    expect(readPriceLine('Hush 8 €165', said)).toMatchObject({
      partWords: 'Hush 8',
      unitMinor: 16_500,
    })
    expect(readPriceLine('Hush 8 1,250 JPY', said)).toMatchObject({
      unitMinor: 1_250,
      currency: 'JPY',
    })
  })

  test('without a price it is none, and no text stops it', () => {
    expect(readPriceLine('a fine drive', said)).toBeNull()
    expect(readPriceLine('', said)).toBeNull()
    fc.assert(
      fc.property(fc.string(), (line) => {
        const read = readPriceLine(line, said)
        expect(read === null || read.unitMinor >= 0).toBe(true)
      }),
    )
  })
})

describe('what prices come to', () => {
  test('lowest, last, median and the trend of a month, by hand', () => {
    // 200, 190 and 180 at intervals of thirty days fall by 10 a month.
    const figures = priceFigures(
      [seen('2026-03-02', 18_000), seen('2026-01-01', 20_000), seen('2026-01-31', 19_000)],
      null,
      18_500,
    )
    expect(figures).toMatchObject({
      count: 3,
      medianMinor: 19_000,
      isUnusuallyLow: false,
      isAtTarget: true,
      lowest: { unitMinor: 18_000 },
      last: { unitMinor: 18_000 },
    })
    expect(figures?.trendMinorPerMonth).toBeCloseTo(-1_000, 9)
  })

  test('shipping counts, a window leaves out what is older, and one day has no trend', () => {
    const prices = [seen('2025-01-01', 10_000), seen('2026-01-01', 9_000, { shippingMinor: 2_000 })]
    expect(priceFigures(prices, null, null)?.lowest.seenOn).toBe('2025-01-01')
    const figures = priceFigures(prices, '2026-01-01', 10_999)
    expect(figures).toMatchObject({
      count: 1,
      medianMinor: 11_000,
      trendMinorPerMonth: null,
      isAtTarget: false,
    })
    expect(priceFigures(prices, '2026-06-01', null)).toBeNull()
  })

  test('of two prices of one day the one that is listed first is the newer', () => {
    const prices = [seen('2026-01-01', 2), seen('2026-01-01', 1)]
    expect(priceFigures(prices, null, null)?.last.unitMinor).toBe(2)
  })

  test('unusually low is a share below the median, of five prices at least', () => {
    const four = [1, 2, 3, 4].map((day) => seen(`2026-01-0${day}`, 10_000))
    const last = (minor: number) => priceFigures([...four, seen('2026-01-05', minor)], null, null)
    expect(last(8_500)?.isUnusuallyLow).toBe(true)
    expect(last(8_501)?.isUnusuallyLow).toBe(false)
    expect(
      priceFigures([...four.slice(1), seen('2026-01-05', 1)], null, null)?.isUnusuallyLow,
    ).toBe(false)
  })
})

describe('as a file', () => {
  const observation = fc.record({
    slug: fc.constantFrom('quillon-keep-12', 'a', 'a-1'),
    seenOn: fc.constantFrom('2026-11-20', '2024-02-29'),
    currency: fc.constantFrom('EUR', 'JPY', 'KWD'),
    unitMinor: fc.nat(1_000_000_000),
    shippingMinor: fc.option(fc.nat(1_000_000)),
    condition: fc.constantFrom(...CONDITIONS),
    shop: fc.constantFrom('', 'Corner, the "old" one', 'Ümlaut 💾'),
    link: fc.constantFrom('', 'https://shop.example/a?b=c,d'),
  })

  test('what is written is read again as it was', () => {
    fc.assert(
      fc.property(fc.array(observation, { maxLength: 20 }), (prices) => {
        const text = pricesCsv.head + prices.map(pricesCsv.line).join('')
        expect(pricesFromCsv(text)).toEqual({ prices, problems: [] })
      }),
    )
  })

  test('rows that cannot be taken are named by their line, the others are in', () => {
    const text = [
      'part,seenOn,currency,price,shipping,condition',
      'hush-8,2026-11-20,EUR,"165,00",5.90,used',
      'Hush 8,2026-11-20,EUR,165,,',
      'hush-8,20.11.2026,EUR,165,,',
      'hush-8,2026-11-20,euro,165,,',
      'hush-8,2026-11-20,EUR,cheap,,',
      'hush-8,2026-11-20,EUR,165,free,',
      'hush-8,2026-11-20,EUR,165,,worn',
    ].join('\n')
    const { prices, problems } = pricesFromCsv(text)
    expect(prices).toMatchObject([
      { slug: 'hush-8', unitMinor: 16_500, shippingMinor: 590, condition: 'used' },
    ])
    expect(problems.map(({ line }) => line)).toEqual([3, 4, 5, 6, 7, 8])
    expect(pricesFromCsv('a,b\n1,2').problems[0]?.sentence).toContain(
      'part, seenOn, currency, price',
    )
  })

  test('no cell begins a formula', () => {
    expect(pricesCsv.line(seen('2026-11-20', 1, { shop: '=1+1' }))).toContain(`"'=1+1"`)
  })

  test('fifty thousand prices are read and summed up while nobody waits', () => {
    const line = (at: number): string =>
      pricesCsv.line(seen(`2026-0${(at % 9) + 1}-1${at % 10}`, 10_000 + (at % 500)))
    const text = pricesCsv.head + Array.from({ length: 50_000 }, (_, at) => line(at)).join('')
    const from = process.cpuUsage()
    const figures = priceFigures(pricesFromCsv(text).prices, null, null)
    const { user, system } = process.cpuUsage(from)
    expect(figures?.count).toBe(50_000)
    // A fifth of this on a machine that is not slow.
    expect(user + system).toBeLessThan(5_000_000)
  })
})
