import fc from 'fast-check'
import { readNumber } from './readNumber'
import { readQuantity } from './readQuantity'

const valueOf = (text: string, unit: string): number | string => {
  const read = readQuantity(text, unit)
  return 'problem' in read ? read.problem : read.value
}

describe('numbers as people write them', () => {
  test.each([
    ['1', 1],
    ['-0', -0],
    ['12.5', 12.5],
    ['1,5', 1.5],
    ['0,4', 0.4],
    ['.5', 0.5],
    ['1.234,50', 1234.5],
    ['1,234.50', 1234.5],
    ['1,000.5', 1000.5],
    ['1.234.567', 1_234_567],
    ['1,234,567', 1_234_567],
    ['1 234 567,5', 1_234_567.5],
    ["12'000", 12_000],
    ['12\u202F000', 12_000],
    ['2e3', 2_000],
    ['-5', -5],
    ['+7', 7],
  ])('%s', (text, value) => {
    expect(readNumber(text)).toEqual({ value, isAmbiguous: false })
  })

  test('a lone mark before three digits may mean two things, and says so', () => {
    expect(readNumber('1,234')).toEqual({ value: 1_234, isAmbiguous: true })
    expect(readNumber('1.234')).toEqual({ value: 1.234, isAmbiguous: true })
    // No thousand begins with a nought.
    expect(readNumber('0,125')).toEqual({ value: 0.125, isAmbiguous: false })
    expect(readNumber('1234,567')).toEqual({ value: 1234.567, isAmbiguous: false })
  })

  test.each([
    '',
    '.',
    ',',
    'x',
    '1,2,3',
    '1.23.456',
    '1.234.56',
    '1,234.567.8',
    '1-2',
    '--1',
    '1 2',
  ])('what is no number: “%s”', (text) => {
    expect(readNumber(text)).toBeNull()
  })

  // The other end is the platform: a number written by it in a language is read back.
  test('numbers are read as German, English, French and Swiss machines write them', () => {
    const cents = fc.integer({ min: -99_999_999_999, max: 99_999_999_999 })
    fc.assert(
      fc.property(cents, fc.constantFrom('de', 'en', 'fr', 'de-CH'), (number, locale) => {
        const text = new Intl.NumberFormat(locale, { minimumFractionDigits: 2 }).format(
          number / 100,
        )
        expect(readNumber(text)?.value).toBeCloseTo(number / 100, 9)
      }),
    )
  })
})

describe('quantities', () => {
  // By hand; 20 TB are 20 × 10¹² / 2⁴⁰ TiB.
  test.each([
    ['20 TB', 'TiB', 18.189894],
    ['18.2 TiB', 'TiB', 18.2],
    ['20', 'TiB', 20],
    ['16GiB', 'GiB', 16],
    ['12 tb', 'B', 12e12],
    ['2.5 Gb/s', 'bit/s', 2.5e9],
    ['2,5 Gbit/s', 'MB/s', 312.5],
    ['545 MB/s', 'B/s', 545e6],
    ['300 Mb/s', 'MB/s', 37.5],
    ['43 cm', 'mm', 430],
    ['19"', 'mm', 482.6],
    ['1.2 m', 'mm', 1_200],
    ['1,5 kg', 'g', 1_500],
    ['0.55 kW', 'W', 550],
    ['2 days', 'h', 48],
    ['18 months', 'years', 1.5],
    ['35 dB', 'dB(A)', 35],
    ['80 %', '%', 80],
    ['3 drives', 'drives', 3],
  ])('%s in %s', (text, unit, value) => {
    expect(valueOf(text, unit)).toBeCloseTo(value, 5)
  })

  test.each([
    ['20 cm', 'TiB', 'another kind of unit'],
    ['5 apples', 'drives', 'another kind of unit'],
    ['TB', 'TiB', 'no number'],
    ['300 mb/s', 'MB/s', 'B or b'],
    ['20 TB 5', 'TiB', 'no number'],
  ])('“%s” is not taken in %s', (text, unit, problem) => {
    expect(valueOf(text, unit)).toBe(problem)
  })

  test('there and back is the same', () => {
    const pairs = fc.constantFrom(
      ['TB', 'TiB'],
      ['MB/s', 'Gb/s'],
      ['mm', 'in'],
      ['kg', 'g'],
      ['h', 'days'],
    )
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 1e6, noNaN: true }),
        pairs,
        (number, [one = '', other = '']) => {
          const there = valueOf(`${number} ${one}`, other)
          expect(Number(valueOf(`${there} ${other}`, one)) / number).toBeCloseTo(1, 9)
        },
      ),
    )
  })
})
