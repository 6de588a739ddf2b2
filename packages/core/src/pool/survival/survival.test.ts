import fc from 'fast-check'
import { binomials } from './binomials'
import { type CountedGroup, survivalByCounting } from './survivalByCounting'

/** Every subset of the members, looked at one by one. */
function enumerate(groups: readonly CountedGroup[]): Map<number, [surviving: number, all: number]> {
  const groupOf = groups.flatMap(({ width }, group) => Array<number>(width).fill(group))
  const counts = new Map<number, [number, number]>()
  for (let set = 1; set < 2 ** groupOf.length; set += 1) {
    const lost = groups.map(() => 0)
    let failures = 0
    groupOf.forEach((group, member) => {
      if ((set >> member) & 1) {
        lost[group] = (lost[group] ?? 0) + 1
        failures += 1
      }
    })
    const survives = groups.every(({ tolerates }, group) => (lost[group] ?? 0) <= tolerates)
    const [surviving, all] = counts.get(failures) ?? [0, 0]
    counts.set(failures, [surviving + (survives ? 1 : 0), all + 1])
  }
  return counts
}

const group = fc
  .record({ width: fc.integer({ min: 1, max: 5 }), tolerates: fc.integer({ min: 0, max: 5 }) })
  .map(({ width, tolerates }) => ({ width, tolerates: Math.min(tolerates, width) }))
const smallPool = fc.array(group, { minLength: 1, maxLength: 3 })

test('counting agrees with looking at every subset', () => {
  fc.assert(
    fc.property(smallPool, (groups) => {
      const counted = survivalByCounting(groups).byFailures
      const enumerated = enumerate(groups)
      expect(counted).toHaveLength(enumerated.size)
      for (const { failures, survivingSets, sets } of counted) {
        expect([Number(survivingSets), Number(sets)]).toEqual(enumerated.get(failures))
      }
    }),
    { numRuns: 60 },
  )
})

test('always survived is the longest run of certain rows', () => {
  fc.assert(
    fc.property(smallPool, (groups) => {
      const { alwaysSurvived, byFailures } = survivalByCounting(groups)
      const firstUnsure = byFailures.findIndex((row) => row.survivingSets !== row.sets)
      expect(alwaysSurvived).toBe(firstUnsure === -1 ? byFailures.length : firstUnsure)
    }),
  )
})

test('one more parity never lowers survival', () => {
  fc.assert(
    fc.property(smallPool, (groups) => {
      const more = groups.map((one) => ({
        ...one,
        tolerates: Math.min(one.width, one.tolerates + 1),
      }))
      const before = survivalByCounting(groups).byFailures
      const after = survivalByCounting(more).byFailures
      before.forEach((row, index) => {
        expect(BigInt(after[index]?.survivingSets ?? -1)).toBeGreaterThanOrEqual(
          BigInt(row.survivingSets),
        )
      })
    }),
  )
})

// Common practice, no source: two groups of ten with double parity, as builders count it by hand.
test('two groups of ten with double parity', () => {
  const { alwaysSurvived, byFailures } = survivalByCounting([
    { width: 10, tolerates: 2 },
    { width: 10, tolerates: 2 },
  ])
  expect(alwaysSurvived).toBe(2)
  expect(byFailures[2]).toMatchObject({ failures: 3, survivingSets: '900', sets: '1140' })
  expect(byFailures[3]).toMatchObject({ failures: 4, survivingSets: '2025', sets: '4845' })
  expect(byFailures[4]).toMatchObject({ failures: 5, survivingSets: '0' })
})

test('sixty drives are counted beyond what a number can hold', () => {
  const pairs = Array.from({ length: 30 }, () => ({ width: 2, tolerates: 1 }))
  const { alwaysSurvived, byFailures } = survivalByCounting(pairs)
  expect(alwaysSurvived).toBe(1)
  // Thirty failures are survived when they hit every pair once: 2^30 of C(60, 30) sets.
  expect(byFailures[29]).toMatchObject({
    survivingSets: String(2n ** 30n),
    sets: '118264581564861424',
  })
  expect(byFailures[29]?.survivingShare).toBeCloseTo(9.079149562721054e-9, 20)
})

test('a share that is not quite all is not all', () => {
  const { byFailures } = survivalByCounting(
    Array.from({ length: 500 }, () => ({ width: 2, tolerates: 1 })),
  )
  expect(byFailures[0]?.survivingShare).toBe(1)
  expect(byFailures[1]?.survivingShare).toBeCloseTo(1 - 1 / 999, 12)
  expect(byFailures[499]?.survivingShare).toBeGreaterThan(0)
  expect(byFailures[500]?.survivingShare).toBe(0)
})

test('a share nearer to 1 than any number below it is the largest of these', () => {
  // Of about 10^20 sets of twelve only twenty are a whole mirror.
  const mirrors = Array.from({ length: 20 }, () => ({ width: 12, tolerates: 11 }))
  const twelve = survivalByCounting(mirrors).byFailures[11]
  expect(BigInt(twelve?.sets ?? 0) - BigInt(twelve?.survivingSets ?? 0)).toBe(20n)
  expect(twelve?.survivingShare).toBe(1 - 2 ** -53)
})

test('binomials agree with their factorial form', () => {
  const factorial = (n: number): bigint => (n < 2 ? 1n : BigInt(n) * factorial(n - 1))
  for (const [n, k] of [
    [0, 0],
    [20, 3],
    [60, 30],
    [60, 60],
  ] as const) {
    const expected = factorial(n) / (factorial(k) * factorial(n - k))
    expect(binomials(n)[k]).toBe(expected)
    expect(binomials(n, k)).toEqual(binomials(n).slice(0, k + 1))
  }
})
