import fc from 'fast-check'
import { binaryBytes, decimalBytes, TIB } from './bytes'
import { driveBytesAsSold } from './driveBytesAsSold'
import { floorDivide } from './floorDivide'
import { minorPerMajor, moneyText } from './money'
import { formatterFor } from './formatter'

test('whole division agrees with big integers, also just below a whole quotient', () => {
  const divisor = fc.integer({ min: 1, max: 2 ** 40 })
  const whole = fc.integer({ min: 0, max: Number.MAX_SAFE_INTEGER })
  fc.assert(
    fc.property(whole, divisor, (a, b) => {
      const justBelow = a - (a % b) - 1
      for (const dividend of [a, Math.max(0, justBelow)]) {
        expect(floorDivide(dividend, b)).toBe(Number(BigInt(dividend) / BigInt(b)))
      }
    }),
    { numRuns: 2_000 },
  )
})

describe('bytes', () => {
  test('binary and decimal are told apart by their units', () => {
    expect(binaryBytes(100 * TIB, 1, 'en')).toEqual({ value: '100', unit: 'TiB' })
    expect(decimalBytes(16_000_900_661_248, 1, 'en')).toEqual({ value: '16', unit: 'TB' })
    expect(binaryBytes(0, 1, 'en')).toEqual({ value: '0', unit: 'B' })
    expect(binaryBytes(1_536, 1, 'de')).toEqual({ value: '1,5', unit: 'KiB' })
  })

  // Source: IDEMA LBA1-03, worked for the sizes sold; 16 TB by SFF-8447, from memory.
  test.each([
    [500, 500_107_862_016],
    [1_000, 1_000_204_886_016],
    [2_000, 2_000_398_934_016],
    [4_000, 4_000_787_030_016],
    [8_000, 8_001_563_222_016],
    [16_000, 16_000_900_661_248],
  ])('a drive sold as %i GB has %i bytes', (gigabytes, bytes) => {
    expect(driveBytesAsSold(gigabytes)).toBe(bytes)
  })

  test('the line is not continued below its range', () => {
    expect(() => driveBytesAsSold(49)).toThrow('50 GB')
    expect(() => driveBytesAsSold(Number.NaN)).toThrow('50 GB')
  })
})

describe('money and words', () => {
  // Source: ISO 4217 minor units, by way of CLDR.
  test('minor units are the currency’s own', () => {
    expect(minorPerMajor('EUR')).toBe(100)
    expect(minorPerMajor('JPY')).toBe(1)
    expect(moneyText(341_250, 'EUR', 'en')).toBe('€3,412.50')
    expect(moneyText(341_250, 'JPY', 'en')).toBe('¥341,250')
  })

  test('one is not many', () => {
    const format = formatterFor('en')
    expect(format.counted(1, 'drive')).toBe('1 drive')
    expect(format.counted(3, 'drive')).toBe('3 drives')
    expect(format.counted(2, 'bay is', 'bays are')).toBe('2 bays are')
  })
})

test('exactly one step is written in that step', () => {
  expect(binaryBytes(2 ** 40, 1, 'en')).toEqual({ value: '1', unit: 'TiB' })
  expect(decimalBytes(1e12, 1, 'en')).toEqual({ value: '1', unit: 'TB' })
})
