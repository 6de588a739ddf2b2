import { demoParts } from '../../../fixtures/demo'
import { matches, nearMisses, parsePartQuery, sheetText } from './partQuery'

const parts = demoParts()
const found = (question: string): string[] => {
  const asked = parsePartQuery(question)
  return parts.filter((part) => matches(part, sheetText(part.sheet), asked)).map(({ slug }) => slug)
}

test('measurements, with their name before or after', () => {
  const cases = found('chassis, depth under 400, at least 8 bays')
  expect(cases).toEqual(['pellworth-short-3u8'])
  expect(found('chassis depth < 400 bays >= 8')).toEqual(cases)
  expect(found('chassis, at least 8 bays and depth below 400 mm')).toEqual(cases)
})

test('units of one kind are turned into each other, and a number may have its comma', () => {
  const cases = found('chassis depth under 400')
  expect(found('chassis depth under 40 cm')).toEqual(cases)
  expect(found('chassis depth under 40,0 cm')).toEqual(cases)
  expect(found('drive capacity at least 12000 gb')).toEqual(found('drive at least 12 TB'))
  // A unit of another kind is no measurement of it.
  expect(found('chassis depth under 400 kg')).toEqual([])
})

test('words and measurements together', () => {
  expect(found('quillon at least 16 TB')).toEqual([
    'quillon-keep-24',
    'quillon-keep-20',
    'quillon-keep-16',
    'quillon-keep-18-sas',
  ])
  expect(found('drive sas')).toEqual(['quillon-keep-18-sas', 'tetherby-fan-43s'])
  expect(found('cooler height at most 47 mm')).toEqual([
    'hollin-flat-47',
    'hollin-thin-29',
    'hollin-still-27',
  ])
})

test('a value that the sheet lacks answers no measurement', () => {
  const withIdle = found('drive idle under 100 w')
  expect(withIdle).not.toContain('quillon-unlabelled-14')
  expect(found('drive')).toContain('quillon-unlabelled-14')
})

test('edges: under leaves the value itself out, at most takes it', () => {
  expect(found('chassis width under 230')).not.toContain('ashgrove-hearth-4')
  expect(found('chassis width at most 230')).toContain('ashgrove-hearth-4')
})

test('what is not understood stays a word, so nothing is found by accident', () => {
  expect(found('chassis depth under many')).toEqual([])
  expect(parsePartQuery('').criteria).toEqual([])
  expect(found('')).toHaveLength(parts.length)
})

test('sizes and speeds as they are, and words that stand for a measurement', () => {
  expect(found('12 TB')).toEqual(['quillon-keep-12'])
  expect(found('drive 8TB')).toEqual(['marrowby-hush-8', 'quillon-overlap-8'])
  // 1.1 TiB is more than a hundredth off a drive of 1 TB; 0.91 TiB is one.
  expect(found('drive 0.91 TiB')).toContain('quillon-first-1')
  expect(found('drive 1.1 TiB')).toEqual([])
  const fast = found('drive 7200')
  expect(fast).toEqual(found('drive 7200 rpm'))
  expect(fast.length).toBeGreaterThan(3)
  const quiet = found('drive quiet')
  expect(quiet.length).toBeGreaterThan(0)
  for (const slug of quiet) {
    const sheet = parts.find((part) => part.slug === slug)?.sheet
    expect(
      sheet?.kind === 'drive' && sheet.noiseDecibels !== null && sheet.noiseDecibels <= 25,
    ).toBe(true)
  }
})

test('what was understood is told with its source', () => {
  const { criteria } = parsePartQuery('quillon, depth under 40 cm, 12 TB, quiet')
  expect(criteria.map(({ source, understood }) => [source, understood])).toEqual([
    ['depth under 40 cm', { measure: 'depth', comparison: 'under', value: 400, unit: 'mm' }],
    ['12 tb', { measure: 'capacity', comparison: 'about', value: 12, unit: 'TB' }],
    ['quillon', null],
    ['quiet', { measure: 'noise', comparison: 'at most', value: 25, unit: 'dB(A)' }],
  ])
})

test('near misses: each leaves one thing out, and its question finds as many as it says', () => {
  const question = 'chassis, at least 12 bays, depth under 400'
  expect(found(question)).toEqual([])
  const misses = nearMisses(parts, sheetText, parsePartQuery(question))
  expect(misses.length).toBeGreaterThan(1)
  for (const { question: asked, count, without } of misses) {
    expect(found(asked)).toHaveLength(count)
    expect(asked).not.toContain(without.source)
  }
  expect(misses.map(({ count }) => count)).toEqual(
    misses.map(({ count }) => count).toSorted((one, other) => other - one),
  )
  expect(nearMisses([], sheetText, parsePartQuery('quillon'))).toEqual([])
})
