import fc from 'fast-check'
import { moneyText, minorPerMajor } from './money'
import { shareOut } from './shareOut'
import { timesRatio } from './timesRatio'

const minor = fc.integer({ min: -100_000_000_000, max: 100_000_000_000 })

test('shares add up to the last cent, and none is more than a cent from its due', () => {
  fc.assert(
    fc.property(
      minor,
      fc.array(fc.integer({ min: 0, max: 1_000_000_000 }), { minLength: 1, maxLength: 30 }),
      (whole, weights) => {
        const shares = shareOut(whole, weights)
        expect(shares.reduce((sum, one) => sum + one, 0)).toBe(whole)
        const all = weights.reduce((sum, one) => sum + one, 0)
        weights.forEach((weight, index) => {
          const due = all === 0 ? whole / weights.length : (whole * weight) / all
          expect(Math.abs((shares[index] ?? NaN) - due)).toBeLessThanOrEqual(1)
        })
      },
    ),
  )
})

test('a ratio is rounded to the nearest, halves away from nothing, however large it is', () => {
  expect(timesRatio(1_000, 19, 119)).toBe(160)
  expect(timesRatio(5, 1, 2)).toBe(3)
  expect(timesRatio(-5, 1, 2)).toBe(-3)
  expect(timesRatio(0, 7)).toBe(0)
  // 0.615 is less than itself as a double, and 1.005 too: 100 × 1.005 rounds to 101 as a person would.
  expect(timesRatio(100, 1.005)).toBe(101)
  expect(timesRatio(100_000_000_000, 1.000_000_000_01)).toBe(100_000_000_001)
  fc.assert(
    fc.property(minor, fc.integer({ min: 1, max: 10_000 }), (amount, over) => {
      expect(timesRatio(amount * 1, over, over)).toBe(amount)
    }),
  )
})

// ISO 4217 as this Node's CLDR has it; what is written is read back to the same minor units.
test('every currency of the list writes its minor units and reads them back', () => {
  const codes = Intl.supportedValuesOf('currency')
  expect(codes.length).toBeGreaterThan(150)
  for (const currency of codes) {
    const written = moneyText(1_234_567, currency, 'en').replaceAll(/^[^\d]+|,/g, '')
    expect(Math.round(Number(written) * minorPerMajor(currency))).toBe(1_234_567)
  }
})
