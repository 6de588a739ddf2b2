import fc from 'fast-check'
import { CERTIFICATES } from '../catalogue/standards'
import { brickLoss } from './brickLoss'
import { CERTIFICATE_SETS, certifiedLoss } from './certifiedLoss'
import { lossAt, lossPoint, risingPoints } from './lossCurve'
import { type LosingSupply, supplyEfficiency, supplyLoss } from './supplyLoss'

const supply = (change: Partial<LosingSupply>): LosingSupply => ({
  shape: 'ATX',
  ratedWatts: 600,
  certificate: 'gold',
  modules: 1,
  efficiencyPoints: null,
  noLoadWatts: null,
  meetsLowLoadRule: null,
  brickClass: null,
  converterRatedWatts: null,
  ...change,
})
const share = fc.double({ min: 0, max: 1.5, noNaN: true })
const certificate = fc.constantFrom(...CERTIFICATES)
const set = fc.constantFrom(...CERTIFICATE_SETS)
const ENDS = ['low', 'likely', 'high'] as const

test('points that nobody measured say nothing, and any watt that arrives has its share', () => {
  expect(supplyLoss(100, supply({ efficiencyPoints: [] }), 230)).toEqual(
    supplyLoss(100, supply({}), 230),
  )
  expect(supplyEfficiency(0, supply({}), 230)).toBe(0)
  const { likely } = supplyLoss(1, supply({}), 230)
  expect(supplyEfficiency(1, supply({}), 230)).toBe(1 / (1 + likely))
})

describe('loss by certificate', () => {
  test('loss grows with load and never falls, at each end of its band', () => {
    fc.assert(
      fc.property(certificate, set, share, share, (one, levels, some, more) => {
        const [less, most] = some < more ? [some, more] : [more, some]
        for (const end of ENDS) {
          const [before, after] = [less, most].map((at) => certifiedLoss(at, one, levels)[end])
          expect(after).toBeGreaterThanOrEqual((before ?? 0) - 1e-12)
        }
      }),
    )
  })

  test('a better certificate is never worse, at any load', () => {
    fc.assert(
      fc.property(set, share, fc.nat(CERTIFICATES.length - 2), (levels, at, index) => {
        const [lesser, better] = [CERTIFICATES[index], CERTIFICATES[index + 1]]
        if (!lesser || !better) throw new Error('two neighbours')
        for (const end of ENDS) {
          expect(certifiedLoss(at, better, levels)[end]).toBeLessThanOrEqual(
            certifiedLoss(at, lesser, levels)[end],
          )
        }
      }),
    )
  })

  test('the band is in order, and none where the certificate speaks', () => {
    fc.assert(
      fc.property(certificate, set, share, (one, levels, at) => {
        const { low, likely, high } = certifiedLoss(at, one, levels)
        expect(low).toBeLessThanOrEqual(likely)
        expect(likely).toBeLessThanOrEqual(high)
        if (at >= 0.2) expect(low).toBe(high)
      }),
    )
  })

  // Common practice, no source: units of 450 to 850 W at 20 to 40 W.
  test.each([
    ['plain', 0.5, 0.72],
    ['bronze', 0.55, 0.82],
    ['gold', 0.6, 0.87],
  ] as const)('a %s unit of 600 W at 30 W is as poor as such units are', (one, least, most) => {
    const efficiency = supplyEfficiency(30, supply({ certificate: one }), 115)
    expect(efficiency).toBeGreaterThan(least)
    expect(efficiency).toBeLessThan(most)
  })

  test('a rating next to nothing gives a number still', () => {
    for (const one of ['plain', 'gold', 'titanium'] as const) {
      const tiny = supply({ ratedWatts: 5e-324, certificate: one })
      expect(Number.isFinite(supplyLoss(100, tiny, 230).likely)).toBe(true)
    }
    expect(supplyEfficiency(0, supply({}), 230)).toBe(0)
  })
})

describe('the rule on low loads', () => {
  test('60 % at 10 W up to 500 W, at 2 % of the rating above', () => {
    const small = supply({ ratedWatts: 500, certificate: 'plain', meetsLowLoadRule: true })
    expect(supplyLoss(10, small, 115).high).toBeCloseTo(10 * (1 / 0.6 - 1), 10)
    const large = { ...small, ratedWatts: 1000 }
    expect(supplyLoss(20, large, 115).high).toBeCloseTo(20 * (1 / 0.6 - 1), 10)
    // Without it all that is lost at a fifth may be lost here.
    expect(supplyLoss(20, { ...large, meetsLowLoadRule: null }, 115).high).toBeCloseTo(50, 10)
  })

  test('only ever lowers the band, which still rises', () => {
    const load = fc.double({ min: 0, max: 700, noNaN: true })
    fc.assert(
      fc.property(certificate, fc.constantFrom(300, 500, 850), load, load, (one, rated, a, b) => {
        const plain = supply({ certificate: one, ratedWatts: rated })
        const kept = { ...plain, meetsLowLoadRule: true }
        const [less, more] = a < b ? [a, b] : [b, a]
        for (const end of ENDS) {
          expect(supplyLoss(a, kept, 230)[end]).toBeLessThanOrEqual(supplyLoss(a, plain, 230)[end])
          expect(supplyLoss(less, kept, 230)[end]).toBeLessThanOrEqual(
            supplyLoss(more, kept, 230)[end] + 1e-9,
          )
        }
      }),
    )
  })
})

describe('points of the maker', () => {
  const measured = supply({
    efficiencyPoints: [
      { outputWatts: 300, efficiency: 0.95 },
      { outputWatts: 12, efficiency: 0.75 },
    ],
    noLoadWatts: 3,
  })

  test('count before the certificate, in whatever order, with the draw without load', () => {
    expect(supplyLoss(12, measured, 230).likely).toBeCloseTo(4, 10)
    expect(supplyLoss(0, measured, 230)).toEqual({ low: 3, likely: 3, high: 3 })
    expect(supplyLoss(300, measured, 230).likely).toBeCloseTo(300 / 0.95 - 300, 10)
    const open = supplyLoss(6, { ...measured, noLoadWatts: null }, 230)
    expect(open.low).toBeLessThan(open.high)
  })

  test('that fall with load are taken as a loss that stays', () => {
    const odd = risingPoints([lossPoint(10, 0.5), lossPoint(20, 0.9)])
    expect(odd.map(({ loss }) => loss)).toEqual([10, 10])
    expect(lossAt(odd, 15).likely).toBe(10)
  })
})

describe('external bricks', () => {
  // Marks of efficiency for external supplies, from memory: 88 % on average and 0.21 W without load.
  test('draw what their class allows', () => {
    expect(brickLoss(0, 120, 'VI').likely).toBe(0.21)
    expect(60 / (60 + brickLoss(60, 120, 'VI').likely)).toBeCloseTo(0.88, 10)
    expect(30 / (30 + brickLoss(30, 120, 'VI').likely)).toBeCloseTo(0.88, 10)
    expect(120 / (120 + brickLoss(120, 120, 'VI').likely)).toBeCloseTo(0.88, 10)
    expect(brickLoss(29, 120, 'VI').likely).toBeGreaterThan((29 * 0.12) / 0.88)
    const bare = supply({ shape: 'brick', ratedWatts: 120, brickClass: 'VI' })
    expect(supplyLoss(60, bare, 230)).toEqual(brickLoss(60, 120, 'VI'))
  })

  test('have a converter behind them, of which they feed the loss too', () => {
    const both = supply({
      shape: 'brick',
      ratedWatts: 120,
      brickClass: 'VI',
      converterRatedWatts: 100,
    })
    // 0.5 W and a twentieth of 20 W in the converter: the brick delivers 21.5 W.
    const expected = 1.5 + brickLoss(21.5, 120, 'VI').likely
    expect(supplyLoss(20, both, 230).likely).toBeCloseTo(expected, 10)
  })
})
