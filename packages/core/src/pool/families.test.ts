import fc from 'fast-check'
import { allocateWidest } from './allocation/allocateWidest'
import { answerCapacity, isProblem } from './capacityRequest'
import type { CapacityAnswer } from './layoutFamily'

const TB = 1e12
const GIB = 2 ** 30

function ask(request: object): CapacityAnswer {
  const answer = answerCapacity(request)
  if (isProblem(answer)) throw new Error(answer.sentence)
  return answer
}

const stripes = (level: string, ...members: number[]): CapacityAnswer =>
  ask({ family: 'fixed-stripes', level, members })
const chunks = (profile: string, chunkBytes: number, members: number[]): CapacityAnswer =>
  ask({ family: 'flexible-chunks', profile, chunkBytes, members })

describe('fixed stripes', () => {
  // Common practice, no source: the sums that builders do by hand, before overheads.
  test.each([
    ['raid5', [4, 4, 4, 4], 12],
    ['raid5', [3, 3, 3, 3, 3], 12],
    ['raid5', [6, 6, 6, 6], 18],
    ['raid10', [10, 10, 10, 10, 10, 10, 10, 10], 40],
    ['raid0', [3, 3, 3, 3, 3, 3, 3], 21],
    ['raid5', [3, 3, 3, 3, 3, 3, 3], 18],
    ['raid6', [3, 3, 3, 3, 3, 3, 3], 15],
    ['raid1', [2, 2], 2],
  ])('%s of %j TB holds %s TB', (level, sizes, usable) => {
    expect(stripes(level, ...sizes.map((size) => size * TB)).usableBytes).toBe(usable * TB)
  })

  test('mixed sizes count as the smallest; the rest is stranded', () => {
    const { usableBytes, strandedBytes } = stripes('raid5', 4 * TB, 3 * TB, 6 * TB)
    expect(usableBytes).toBe(6 * TB)
    expect(strandedBytes).toEqual([TB, 0, 3 * TB])
  })

  test('survival by level', () => {
    const always = (level: string, width: number): number =>
      stripes(level, ...Array<number>(width).fill(TB)).survival.alwaysSurvived
    expect([always('raid0', 4), always('raid1', 3), always('raid10', 6)]).toEqual([0, 2, 1])
    expect([always('raid5', 4), always('raid6', 6)]).toEqual([1, 2])
    // Of the 15 pairs of six drives in three mirrored pairs, 12 hit different pairs.
    expect(stripes('raid10', TB, TB, TB, TB, TB, TB).survival.byFailures[1]).toMatchObject({
      survivingSets: '12',
      sets: '15',
    })
  })
})

describe('parity on drives of its own', () => {
  const parity = { family: 'dedicated-parity', parity: [8 * TB], data: [8 * TB, 4 * TB, 3 * TB] }

  test('all data drives count, whatever their size', () => {
    const { usableBytes, strandedBytes, survival, dataLost } = ask(parity)
    expect(usableBytes).toBe(15 * TB)
    expect(strandedBytes).toEqual([0, 0, 0, 0])
    expect(survival.alwaysSurvived).toBe(1)
    expect(dataLost).toEqual([
      { failures: 1, leastBytes: 0, mostBytes: 0 },
      { failures: 2, leastBytes: 3 * TB, mostBytes: 12 * TB },
      { failures: 3, leastBytes: 7 * TB, mostBytes: 15 * TB },
      { failures: 4, leastBytes: 15 * TB, mostBytes: 15 * TB },
    ])
  })

  test('what a parity drive has beyond the largest data drive lies idle', () => {
    expect(ask({ ...parity, parity: [10 * TB] }).strandedBytes[0]).toBe(2 * TB)
  })

  test.each([
    [{ ...parity, parity: [4 * TB] }, 'parity[0]'],
    [{ ...parity, parity: [8 * TB, 8 * TB, 8 * TB] }, 'parity'],
    [{ ...parity, parity: [] }, 'parity'],
    [{ ...parity, data: [] }, 'data'],
    [{ ...parity, family: 'scheduled-parity', parity: Array<number>(7).fill(8 * TB) }, 'parity'],
    [{ ...parity, data: [-1] }, 'data[0]'],
  ])('%j is refused at %s', (request, field) => {
    expect(answerCapacity(request)).toMatchObject({ field })
  })

  test('six drives of scheduled parity are taken', () => {
    const six = { ...parity, family: 'scheduled-parity', parity: Array<number>(6).fill(8 * TB) }
    expect(ask(six).survival.alwaysSurvived).toBe(6)
  })
})

describe('allocation of chunks', () => {
  /** The same by doing it one by one, written apart from the code that it checks. */
  function oneByOne(units: readonly number[], width: number): { rounds: number; used: number[] } {
    const free = [...units]
    let rounds = 0
    for (;;) {
      const order = free
        .map((left, index) => ({ left, index }))
        .filter(({ left }) => left > 0)
        .sort((one, other) => other.left - one.left || one.index - other.index)
      if (order.length < width) break
      for (const { index } of order.slice(0, width)) free[index] = (free[index] ?? 0) - 1
      rounds += 1
    }
    return { rounds, used: units.map((unit, index) => unit - (free[index] ?? 0)) }
  }

  test('is the same as taking chunk by chunk', () => {
    const devices = fc.array(fc.nat(220), { minLength: 1, maxLength: 9 })
    fc.assert(
      fc.property(devices, fc.integer({ min: 1, max: 5 }), (units, width) => {
        expect(allocateWidest(units, width)).toEqual(
          units.length < width ? { rounds: 0, used: units.map(() => 0) } : oneByOne(units, width),
        )
      }),
      { numRuns: 1_500 },
    )
  })

  // Source: the closed form for two copies, min(half the sum, the sum less the largest), in whole chunks.
  test('two copies agree with the closed form', () => {
    const devices = fc.array(fc.integer({ min: 1, max: 30_000 }), { minLength: 2, maxLength: 24 })
    fc.assert(
      fc.property(devices, (units) => {
        const sum = units.reduce((total, one) => total + one, 0)
        const most = Math.min(Math.floor(sum / 2), sum - Math.max(...units))
        expect(allocateWidest(units, 2).rounds).toBe(most)
      }),
      { numRuns: 300 },
    )
  })

  test('millions of small pieces take no longer than a few large ones', () => {
    const { rounds } = allocateWidest([16e12, 16e12, 8e12, 4e12, 3e12, 1e12], 2)
    expect(rounds).toBe(24e12)
  })
})

describe('flexible chunks', () => {
  const mixed = [4, 2, 2].map((size) => size * 1_000 * GIB)

  test.each([
    ['single', 8_000, 0],
    ['two-copies', 4_000, 1],
    ['three-copies', 2_000, 2],
    ['single-parity', 4_000, 1],
    ['double-parity', 2_000, 2],
  ])('%s of 4, 2 and 2 thousand GiB holds %s GiB', (profile, usable, always) => {
    const { usableBytes, survival } = chunks(profile, GIB, mixed)
    expect(usableBytes).toBe(usable * GIB)
    expect(survival.alwaysSurvived).toBe(always)
  })

  test('stripes get narrower as small devices fill', () => {
    // Three wide for 2, then two wide for 2 more: 2 × 2 + 2 × 1; the last of the largest stays alone.
    const { usableBytes, strandedBytes } = chunks(
      'single-parity',
      GIB,
      [6, 4, 2].map((n) => n * GIB),
    )
    expect(usableBytes).toBe(6 * GIB)
    expect(strandedBytes).toEqual([2 * GIB, 0, 0])
  })

  /** Chunk by chunk over every device with room, written apart from the layers in the code. */
  function striped(units: readonly number[], fewest: number, parity: number): number {
    const free = [...units]
    let data = 0
    for (;;) {
      const room = free.flatMap((left, index) => (left > 0 ? [index] : []))
      if (room.length < fewest) return data
      for (const index of room) free[index] = (free[index] ?? 0) - 1
      data += room.length - parity
    }
  }

  test.each([
    ['single-parity', 2, 1],
    ['double-parity', 3, 2],
  ] as const)('%s is the same as striping chunk by chunk', (profile, fewest, parity) => {
    const devices = fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 3, maxLength: 8 })
    fc.assert(
      fc.property(devices, (units) => {
        expect(chunks(profile, 1, units).usableBytes).toBe(striped(units, fewest, parity))
      }),
      { numRuns: 300 },
    )
  })

  test('only whole chunks count', () => {
    const { usableBytes, strandedBytes } = chunks('two-copies', 10, [25, 19])
    expect(usableBytes).toBe(10)
    expect(strandedBytes).toEqual([15, 9])
  })

  test('a larger device never lowers what is usable', () => {
    const devices = fc.array(fc.integer({ min: 1, max: 500 }), { minLength: 3, maxLength: 8 })
    const profiles = ['single', 'two-copies', 'three-copies', 'single-parity', 'double-parity']
    fc.assert(
      fc.property(
        devices,
        fc.nat(7),
        fc.nat(300),
        fc.constantFrom(...profiles),
        (units, at, more, profile) => {
          const larger = units.map((one, index) => (index === at % units.length ? one + more : one))
          expect(chunks(profile, 1, larger).usableBytes).toBeGreaterThanOrEqual(
            chunks(profile, 1, units).usableBytes,
          )
        },
      ),
      { numRuns: 300 },
    )
  })

  test('too few devices with room are refused', () => {
    const request = { family: 'flexible-chunks', profile: 'double-parity', chunkBytes: GIB }
    expect(answerCapacity({ ...request, members: [GIB, GIB, 5] })).toMatchObject({
      field: 'members',
      sentence:
        'members: The profile double-parity needs at least 3 members with room for a chunk.',
    })
  })
})

describe('columns', () => {
  const pool = {
    family: 'columns',
    columns: 5,
    parity: 1,
    slabBytes: 256 * 2 ** 20,
    interleaveBytes: 65_536,
    members: Array<number>(5).fill(100 * GIB),
  }

  // Common practice, no source: 5 columns of 64 KiB with single parity want a cluster of 256 KiB.
  test('five columns of 64 KiB want clusters of 256 KiB', () => {
    expect(ask(pool)).toMatchObject({ clusterBytes: 262_144, usableBytes: 400 * GIB })
  })

  test('more members than columns are used in turn', () => {
    const { usableBytes, strandedBytes } = ask({
      ...pool,
      members: Array<number>(6).fill(100 * GIB),
    })
    expect(usableBytes).toBe(480 * GIB)
    expect(strandedBytes.reduce((sum, one) => sum + one, 0)).toBe(0)
  })

  test.each([
    [{ columns: 6 }, 'members'],
    [{ columns: 1, parity: 1 }, 'parity'],
    [{ parity: 3 }, 'parity'],
    [{ slabBytes: 0 }, 'slabBytes'],
  ])('%j is refused at %s', (change, field) => {
    expect(answerCapacity({ ...pool, ...change })).toMatchObject({ field })
  })
})

test('what cannot be counted exactly is refused, to the byte; ZFS says so by itself', () => {
  const most = Number.MAX_SAFE_INTEGER
  const asked = (...members: number[]) =>
    answerCapacity({ family: 'fixed-stripes', level: 'raid0', members })
  expect(asked(most - 1, 1)).toMatchObject({ rawBytes: most })
  expect(asked(most, 1)).toMatchObject({
    field: 'members',
    sentence: expect.stringContaining('9,007 TB') as string,
  })
  const vdev = { kind: 'mirror', members: [most, most] }
  const zfs = { family: 'zfs', ashift: 12, wholeDisks: false, vdevs: [vdev] }
  expect(answerCapacity(zfs)).toMatchObject({ field: expect.stringContaining('vdev') as string })
})

describe('dRAID in a request', () => {
  const vdev = { kind: 'draid', members: Array<number>(11).fill(16_003_105_816_576) }
  const zfs = { family: 'zfs', ashift: 12, wholeDisks: false }

  test('needs its shape, and nobody else has one', () => {
    const draid = { parity: 2, data: 8, spares: 1 }
    expect(ask({ ...zfs, vdevs: [{ ...vdev, draid }] })).toMatchObject({
      usableBytes: 127_699_166_655_808,
      survival: { alwaysSurvived: 2 },
    })
    expect(answerCapacity({ ...zfs, vdevs: [vdev] })).toMatchObject({ field: 'vdevs[0].draid' })
    expect(answerCapacity({ ...zfs, vdevs: [{ ...vdev, kind: 'raidz2', draid }] })).toMatchObject({
      field: 'vdevs[0].draid',
    })
    const narrow = { ...vdev, draid: { ...draid, data: 9 } }
    expect(answerCapacity({ ...zfs, vdevs: [narrow] })).toMatchObject({
      field: 'vdevs[0].members',
      sentence: expect.stringContaining('at least 12 members') as string,
    })
  })
})
