import fc from 'fast-check'
import { familyOf, layoutFamilies } from './families'
import { type Pool, poolSchema } from '../design/pools/pools'
import { answerCapacity, isProblem } from './capacityRequest'
import type { SizedDrive } from './layoutFamily'
import { countedGroups } from './survival/countedGroups'
import { pullDrives } from './survival/pullDrives'
import { survivalByCounting } from './survival/survivalByCounting'

const TB = 1e12
const drivesOf = (terabytes: readonly number[]): SizedDrive[] =>
  terabytes.map((size, index) => ({ id: `drive-${index + 1}`, capacityBytes: size * TB }))
const bytesOf = (drives: readonly SizedDrive[]) =>
  new Map(drives.map(({ id, capacityBytes }) => [id, capacityBytes]))
/** Every possible layout of every family. */
const poolsOf = (drives: readonly SizedDrive[]): Pool[] =>
  layoutFamilies.flatMap((family) => family.layouts(drives).flatMap(({ pool }) => pool ?? []))
const sizes = fc.array(fc.integer({ min: 1, max: 24 }), { minLength: 1, maxLength: 9 })

test('every layout is a pool that a document takes', () => {
  fc.assert(
    fc.property(sizes, (terabytes) => {
      for (const pool of poolsOf(drivesOf(terabytes))) {
        expect(poolSchema.safeParse(pool).success).toBe(true)
      }
    }),
    { numRuns: 20 },
  )
})

test('a layout is impossible with a reason, or possible without one', () => {
  for (let count = 1; count <= 12; count += 1) {
    for (const family of layoutFamilies) {
      const layouts = family.layouts(drivesOf(Array<number>(count).fill(8)))
      expect(layouts.length).toBeGreaterThan(0)
      expect(new Set(layouts.map(({ id }) => id)).size).toBe(layouts.length)
      for (const { pool, reason } of layouts) {
        expect(pool === null).toBe(reason !== null)
        if (reason) expect(reason).toMatch(/^[A-Z0-9a-z].*\.$/)
      }
    }
  }
})

test('drives but spares are each in one set of those that may fail together', () => {
  fc.assert(
    fc.property(sizes, (terabytes) => {
      for (const pool of poolsOf(drivesOf(terabytes))) {
        const inSets = familyOf(pool)
          .failureGroups(pool)
          .flatMap(({ driveIds }) => driveIds)
        const members = pool.groups.flatMap(({ kind, driveIds }) =>
          kind === 'spare' ? [] : driveIds,
        )
        expect([...inSets].sort()).toEqual([...members].sort())
      }
    }),
    { numRuns: 20 },
  )
})

/** The same pool as a question on the command line. */
function asRequest(pool: Pool, sizeOf: ReadonlyMap<string, number>): object {
  const members = (kind?: string): number[] =>
    pool.groups
      .filter((group) => kind === undefined || group.kind === kind)
      .flatMap(({ driveIds }) => driveIds.map((id) => sizeOf.get(id) ?? 0))
  const { family } = pool
  switch (family) {
    case 'zfs':
      return {
        family,
        ashift: pool.ashift,
        wholeDisks: true,
        vdevs: pool.groups
          .filter(({ kind }) => kind !== 'spare')
          .map((group) => ({
            kind: group.kind,
            members: group.driveIds.map((id) => sizeOf.get(id) ?? 0),
            ...(group.kind === 'draid' && { draid: group.draid }),
          })),
      }
    case 'dedicated-parity':
    case 'scheduled-parity':
      return { family, parity: members('parity'), data: members('data') }
    case 'fixed-stripes':
      return { family, level: pool.groups[0]?.kind, members: members() }
    case 'flexible-chunks': {
      const { chunkBytes } = pool
      return { family, profile: pool.groups[0]?.kind, chunkBytes, members: members() }
    }
    case 'columns': {
      const { columns, parity, slabBytes, interleaveBytes } = pool
      return { family, columns, parity, slabBytes, interleaveBytes, members: members() }
    }
  }
}

test('a pool in a design and the same pool on the command line agree', () => {
  fc.assert(
    fc.property(sizes, (terabytes) => {
      const drives = drivesOf(terabytes)
      const sizeOf = bytesOf(drives)
      for (const pool of poolsOf(drives)) {
        const family = familyOf(pool)
        const answer = answerCapacity(asRequest(pool, sizeOf))
        if (isProblem(answer)) throw new Error(answer.sentence)
        const capacity = family.capacityOf(pool, sizeOf)
        expect(capacity.availableBytes).toBe(answer.usableBytes)
        expect(capacity.rawBytes).toBe(answer.rawBytes)
        const { alwaysSurvived } = survivalByCounting(countedGroups(family.failureGroups(pool)))
        expect(alwaysSurvived).toBe(answer.survival.alwaysSurvived)
      }
    }),
    { numRuns: 15 },
  )
})

test('nothing is stored or stranded twice', () => {
  fc.assert(
    fc.property(sizes, (terabytes) => {
      const drives = drivesOf(terabytes)
      const sizeOf = bytesOf(drives)
      for (const pool of poolsOf(drives)) {
        const { rawBytes, availableBytes, strandedByDrive } = familyOf(pool).capacityOf(
          pool,
          sizeOf,
        )
        const stranded = Object.values(strandedByDrive).reduce((sum, bytes) => sum + bytes, 0)
        expect(availableBytes + stranded).toBeLessThanOrEqual(rawBytes)
        for (const [id, bytes] of Object.entries(strandedByDrive)) {
          expect(bytes).toBeLessThanOrEqual(sizeOf.get(id) ?? 0)
        }
      }
    }),
    { numRuns: 20 },
  )
})

test('a larger drive never lowers what a pool of any family holds', () => {
  fc.assert(
    fc.property(sizes, fc.nat(8), fc.integer({ min: 1, max: 9 }), (terabytes, at, more) => {
      const drives = drivesOf(terabytes)
      const sizeOf = bytesOf(drives)
      const larger = new Map(sizeOf)
      const grown = drives[at % drives.length]
      if (!grown) return
      larger.set(grown.id, grown.capacityBytes + more * TB)
      for (const pool of poolsOf(drives)) {
        const family = familyOf(pool)
        // A data drive that outgrows its parity drive cannot be covered, so the pool is refused then.
        if (family.beyond === 'failed drives' && !coversLargest(pool, larger)) continue
        expect(family.capacityOf(pool, larger).availableBytes).toBeGreaterThanOrEqual(
          family.capacityOf(pool, sizeOf).availableBytes,
        )
      }
    }),
    { numRuns: 20 },
  )
})

function coversLargest(pool: Pool, sizeOf: ReadonlyMap<string, number>): boolean {
  const sizesOfKind = (wanted: string): number[] =>
    pool.groups.flatMap(({ kind, driveIds }) =>
      kind === wanted ? driveIds.map((id) => sizeOf.get(id) ?? 0) : [],
    )
  return Math.min(...sizesOfKind('parity')) >= Math.max(...sizesOfKind('data'))
}

// Two ways to the same counts: pulling every subset, and the polynomials.
test('survival of small pools of every family agrees with looking at every subset', () => {
  const drives = drivesOf([8, 6, 6, 4, 4])
  const sizeOf = bytesOf(drives)
  for (const pool of poolsOf(drives)) {
    const family = familyOf(pool)
    const { byFailures } = survivalByCounting(countedGroups(family.failureGroups(pool)))
    const members = family.failureGroups(pool).flatMap(({ driveIds }) => driveIds)
    const survived = new Map<number, number>()
    for (let set = 1; set < 1 << members.length; set += 1) {
      const gone = members.filter((_, index) => (set >> index) & 1)
      const [pulled] = pullDrives({ pools: [pool] }, gone, sizeOf)
      if (pulled?.state === 'degraded') {
        survived.set(gone.length, (survived.get(gone.length) ?? 0) + 1)
      }
    }
    for (const { failures, survivingSets } of byFailures) {
      // Where parity drives are gone with no data drive among them, nothing is lost either; the counting
      // takes the number of failures alone, which is the safe side.
      if (family.beyond === 'failed drives') {
        expect(survived.get(failures) ?? 0).toBeGreaterThanOrEqual(Number(survivingSets))
      } else {
        expect(String(survived.get(failures) ?? 0)).toBe(survivingSets)
      }
    }
  }
})

describe('how families behave', () => {
  const [eight] = [drivesOf([8, 8, 8, 8, 8, 8, 8, 8])]
  const traitsOf = (family: Pool['family'], id: string) => {
    const found = familyOf({ family })
    const layout = found.layouts(eight).find((one) => one.id === id)
    if (!layout?.pool) throw new Error(`no layout ${id}`)
    return found.traits(layout.pool)
  }

  // Source: Patterson, Gibson, Katz, A Case for Redundant Arrays of Inexpensive Disks, SIGMOD 1988: a small
  // write of level 5 is two reads and two writes, of level 1 two writes.
  test('what one small write costs', () => {
    expect(traitsOf('fixed-stripes', 'raid5').smallWrite).toEqual({ reads: 2, writes: 2 })
    expect(traitsOf('fixed-stripes', 'raid6').smallWrite).toEqual({ reads: 3, writes: 3 })
    expect(traitsOf('fixed-stripes', 'raid10').smallWrite).toEqual({ reads: 0, writes: 2 })
    expect(traitsOf('dedicated-parity', 'dedicated-parity-1').smallWrite).toEqual({
      reads: 2,
      writes: 2,
    })
    expect(traitsOf('scheduled-parity', 'scheduled-parity-1').smallWrite).toEqual({
      reads: 0,
      writes: 1,
    })
    expect(traitsOf('zfs', 'raidz2x1x8').smallWrite).toEqual({ reads: 1, writes: 3 })
  })

  // Common practice, no source.
  test('how many drives spin, and which are readable alone', () => {
    const film = 4e9
    expect(traitsOf('dedicated-parity', 'dedicated-parity-1').spinningToRead(film)).toBe(1)
    // Parity lies elsewhere for each stripe, so all members carry data of a film.
    expect(traitsOf('fixed-stripes', 'raid5').spinningToRead(film)).toBe(8)
    expect(traitsOf('fixed-stripes', 'raid6').spinningToRead(film)).toBe(8)
    expect(traitsOf('zfs', 'raidz2x1x8').spinningToRead(film)).toBe(8)
    expect(traitsOf('columns', 'columns-5-1').spinningToRead(film)).toBe(8)
    expect(traitsOf('zfs', 'mirrorx4x2').spinningToRead(film)).toBe(4)
    expect(traitsOf('flexible-chunks', 'two-copies').spinningToRead(film)).toBe(4)
    // Of a file of any size one copy is read, so the drives that have only others may sleep.
    expect(traitsOf('flexible-chunks', 'two-copies').spinningToRead(1e12)).toBe(7)
    expect(traitsOf('flexible-chunks', 'three-copies').spinningToRead(1e12)).toBe(6)
    expect(traitsOf('flexible-chunks', 'single-parity').spinningToRead(1)).toBe(8)
    expect(traitsOf('scheduled-parity', 'scheduled-parity-2').readableAlone).toMatch(/^Yes/)
    expect(traitsOf('fixed-stripes', 'raid1').readableAlone).toMatch(/^Yes/)
    expect(traitsOf('zfs', 'raidz1x1x8').readableAlone).toMatch(/^No/)
    expect(traitsOf('zfs', 'mirrorx4x2').readableAlone).toMatch(/^No/)
    expect(traitsOf('flexible-chunks', 'two-copies').readableAlone).toMatch(/^No/)
  })

  test('two drives with a copy each are readable alone in every family', () => {
    const two = eight.slice(0, 2)
    const alone = poolsOf(two).filter(
      ({ groups }) =>
        groups.length === 1 && /^(mirror|raid1|two-copies)$/.test(groups[0]?.kind ?? ''),
    )
    expect(alone).toHaveLength(3)
    for (const pool of alone) expect(familyOf(pool).traits(pool).readableAlone).toMatch(/^Yes/)
  })

  // ⌊(N − S) / (D + P)⌋ groups of a dRAID answer at once; a raidz answers one read at a time.
  test('how many small reads are answered apart', () => {
    const answering = (draid: { parity: 1 | 2 | 3; data: number; spares: number }, width: number) =>
      familyOf({ family: 'zfs' }).traits({
        family: 'zfs',
        id: 'pool-1',
        name: 'd',
        ashift: 12,
        groups: [
          {
            kind: 'draid',
            id: 'group-1',
            draid,
            driveIds: Array.from({ length: width }, (_, at) => `drive-${at + 1}`),
          },
        ],
      }).randomDrives
    expect(answering({ parity: 2, data: 8, spares: 2 }, 42)).toBe(4)
    expect(answering({ parity: 1, data: 4, spares: 1 }, 20)).toBe(3)
    expect(answering({ parity: 2, data: 8, spares: 1 }, 12)).toBe(1)
    expect(traitsOf('zfs', 'raidz2x1x8').randomDrives).toBe(1)
    expect(traitsOf('zfs', 'mirrorx4x2').randomDrives).toBe(8)
  })

  test('a mirror of everything does not grow by one drive', () => {
    expect(traitsOf('fixed-stripes', 'raid1').growthDrives).toBe(8)
    expect(traitsOf('fixed-stripes', 'raid5').growthDrives).toBe(1)
    expect(traitsOf('fixed-stripes', 'raid10').growthDrives).toBe(2)
  })

  test('who has a write hole has remedies, who has none needs none', () => {
    for (const pool of poolsOf(eight)) {
      const { exposed, remedies, words } = familyOf(pool).traits(pool).writeHole
      expect(remedies.length > 0).toBe(exposed)
      expect(words).not.toBe('')
    }
    expect(traitsOf('zfs', 'raidz2x1x8').writeHole.exposed).toBe(false)
    expect(traitsOf('fixed-stripes', 'raid5').writeHole.exposed).toBe(true)
    expect(traitsOf('flexible-chunks', 'two-copies').writeHole.exposed).toBe(false)
    expect(traitsOf('flexible-chunks', 'double-parity').warning).toContain('experimental')
  })

  test('every number is one that drives can have', () => {
    for (const pool of poolsOf(eight)) {
      const { streamingDrives, randomDrives, growthDrives, spinningToRead } =
        familyOf(pool).traits(pool)
      for (const count of [streamingDrives, randomDrives, spinningToRead(4e9)]) {
        expect(count).toBeGreaterThan(0)
        expect(count).toBeLessThanOrEqual(8)
      }
      expect(growthDrives).toBeGreaterThanOrEqual(1)
    }
  })
})
