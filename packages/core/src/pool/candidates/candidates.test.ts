import fc from 'fast-check'
import { demoDesign } from '../../../fixtures/demo'
import { DEFAULT_HOUSE_RULES } from '../../design/houseRules'
import {
  CANDIDATE_COLUMNS,
  type Candidate,
  type CandidateColumn,
  type CandidateDrive,
} from './candidate'
import { candidates } from './candidates'
import { readRates } from './readRates'

const TB = 1e12
const pile = (...terabytes: number[]): CandidateDrive[] =>
  terabytes.map((size, index) => ({
    id: `drive-${index + 1}`,
    capacityBytes: size * TB,
    outerRateBytesPerSecond: 200e6,
    rpm: 7200,
  }))
const of = (drives: readonly CandidateDrive[]): Candidate[] =>
  candidates(drives, DEFAULT_HOUSE_RULES)
const byId = (found: readonly Candidate[], id: string): Candidate => {
  const one = found.find((candidate) => candidate.id === id)
  if (!one) throw new Error(`no candidate ${id}`)
  return one
}
const columns = Object.entries(CANDIDATE_COLUMNS) as [CandidateColumn, 'more' | 'less'][]

const sizes = fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 12 })

test('no drives could be nothing', () => {
  expect(of([])).toEqual([])
})

test('every family has something for eight drives of mixed sizes', () => {
  const found = of(pile(6, 4, 4, 3, 3, 2, 2, 1))
  expect(new Set(found.map(({ family }) => family)).size).toBe(6)
  expect(found.length).toBeGreaterThan(60)
  expect(new Set(found.map(({ id }) => id)).size).toBe(found.length)
})

test('a pile of 24 has hundreds', () => {
  expect(of(pile(...Array<number>(24).fill(12))).length).toBeGreaterThan(130)
})

test('every candidate uses every drive once', () => {
  fc.assert(
    fc.property(sizes, (terabytes) => {
      const drives = pile(...terabytes)
      for (const { pool } of of(drives)) {
        const used = pool.groups.flatMap(({ driveIds }) => driveIds)
        expect([...used].sort()).toEqual(drives.map(({ id }) => id).sort())
      }
    }),
    { numRuns: 25 },
  )
})

// Common practice, no source: what builders compute by hand, before the fill ceiling.
test('figures that can be done by hand', () => {
  const found = of(pile(4, 4, 4, 4))
  const ceiling = DEFAULT_HOUSE_RULES.fillCeiling
  expect(byId(found, 'fixed-stripes/raid5')).toMatchObject({
    workingBytes: 12 * TB * ceiling,
    alwaysSurvived: 1,
    streamingBytesPerSecond: 600e6,
    spinningDrives: 4,
    strandedBytes: 0,
  })
  expect(byId(found, 'dedicated-parity/dedicated-parity-1')).toMatchObject({
    workingBytes: 12 * TB * ceiling,
    streamingBytesPerSecond: 200e6,
    spinningDrives: 1,
    growthDrives: 1,
  })
  expect(byId(found, 'zfs/mirrorx2x2')).toMatchObject({ alwaysSurvived: 1, growthDrives: 2 })
  // A parity group answers one small read at a time, four mirrored members answer four.
  const [group, mirrors] = [byId(found, 'zfs/raidz1x1x4'), byId(found, 'zfs/mirrorx2x2')]
  expect((mirrors.randomReadsPerSecond ?? 0) / (group.randomReadsPerSecond ?? 1)).toBeCloseTo(4, 1)
})

test('compression counts only where the layout compresses', () => {
  const drives = pile(4, 4, 4)
  const plain = of(drives)
  const packed = candidates(drives, { ...DEFAULT_HOUSE_RULES, compressionRatio: 2 })
  const gain = (id: string): number => byId(packed, id).workingBytes / byId(plain, id).workingBytes
  expect(gain('zfs/raidz1x1x3')).toBeCloseTo(2, 6)
  expect(gain('flexible-chunks/two-copies')).toBeCloseTo(2, 6)
  expect(gain('fixed-stripes/raid5')).toBe(1)
})

// Source: mke2fs.conf(5): inodes of 256 bytes, one for every 16,384 bytes; from memory.
test('space is compared with a file system in it, whoever counts it', () => {
  const found = of(pile(4, 4, 4, 4))
  const share = (id: string): number => byId(found, id).comparedBytes / byId(found, id).workingBytes
  expect(share('fixed-stripes/raid5')).toBeCloseTo(63 / 64, 9)
  expect(share('dedicated-parity/dedicated-parity-1')).toBeCloseTo(63 / 64, 9)
  expect(share('zfs/raidz1x1x4')).toBe(1)
})

test('what is unbeaten is beaten by nothing, and everything else is', () => {
  const counted = (one: Candidate, column: (typeof columns)[number][0]): number =>
    (column === 'workingBytes' ? one.comparedBytes : one[column]) ?? -1
  const worse = (one: Candidate, other: Candidate): boolean =>
    columns.every(([column, better]) => {
      const [a, b] = [counted(one, column), counted(other, column)]
      return better === 'more' ? a <= b : a >= b
    }) && columns.some(([column]) => counted(one, column) !== counted(other, column))
  fc.assert(
    fc.property(sizes, (terabytes) => {
      const found = of(pile(...terabytes))
      for (const one of found) {
        expect(one.unbeaten).toBe(!found.some((other) => worse(one, other)))
      }
    }),
    { numRuns: 20 },
  )
})

test('a larger drive never lowers what the best of a family holds', () => {
  const best = (found: readonly Candidate[], family: string, survived: number): number =>
    Math.max(
      0,
      ...found
        .filter((one) => one.family === family && one.alwaysSurvived >= survived)
        .map(({ workingBytes }) => workingBytes),
    )
  const families = ['scheduled-parity', 'fixed-stripes', 'flexible-chunks', 'columns'] as const
  fc.assert(
    fc.property(sizes, fc.nat(11), fc.integer({ min: 1, max: 9 }), (terabytes, at, more) => {
      const before = of(pile(...terabytes))
      const larger = of(
        pile(
          ...terabytes.map((size, index) => (index === at % terabytes.length ? size + more : size)),
        ),
      )
      for (const family of families) {
        for (const survived of [0, 1, 2]) {
          expect(best(larger, family, survived)).toBeGreaterThanOrEqual(
            best(before, family, survived),
          )
        }
      }
    }),
    { numRuns: 40 },
  )
})

test('one more parity never lowers what is survived', () => {
  const found = of(pile(8, 8, 8, 8, 4, 4))
  const survived = (id: string): number => byId(found, id).alwaysSurvived
  expect(survived('zfs/raidz2x1x6')).toBeGreaterThan(survived('zfs/raidz1x1x6'))
  expect(survived('zfs/raidz3x1x6')).toBeGreaterThan(survived('zfs/raidz2x1x6'))
  for (let parity = 1; parity < 5; parity += 1) {
    expect(survived(`scheduled-parity/scheduled-parity-${parity + 1}`)).toBe(parity + 1)
  }
  expect(survived('columns/columns-5-2')).toBeGreaterThan(survived('columns/columns-5-1'))
})

describe('read rates', () => {
  const drive = { capacityBytes: 4 * TB, outerRateBytesPerSecond: 180e6, rpm: 5400 }
  const traits = { streamingDrives: 2, randomDrives: 3 }

  test('the slowest member sets the pace', () => {
    const rates = readRates([drive, { ...drive, outerRateBytesPerSecond: 120e6 }], traits)
    expect(rates.streamingBytesPerSecond).toBe(240e6)
  })

  // Common practice, no source: a 7200 rpm drive answers 75 to 100 small reads a second.
  test('a disk answers as often as its head and half a turn allow', () => {
    const one = readRates([{ ...drive, rpm: 7200 }], { ...traits, randomDrives: 1 })
    expect(one.randomReadsPerSecond).toBeGreaterThanOrEqual(75)
    expect(one.randomReadsPerSecond).toBeLessThanOrEqual(100)
  })

  test('what is not known is not made up', () => {
    const withoutValue = { ...drive, outerRateBytesPerSecond: null, rpm: null }
    expect(readRates([drive, withoutValue], traits)).toEqual({
      streamingBytesPerSecond: null,
      randomReadsPerSecond: null,
    })
    expect(readRates([], traits).streamingBytesPerSecond).toBeNull()
  })
})

test('the drives of the drawer: the largest becomes the parity drive', () => {
  const { pools } = demoDesign('drawer-of-drives')
  const [parity] = pools[0]?.groups ?? []
  const { pool } = byId(of(pile(6, 4, 4, 3, 3, 2, 2)), 'scheduled-parity/scheduled-parity-1')
  expect(pool.groups[0]?.driveIds).toEqual(parity?.driveIds)
})
