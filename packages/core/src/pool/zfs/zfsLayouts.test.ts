import { zfsFamily } from './zfsFamily'
import { cutBySize } from './cutBySize'
import { raidz } from './vdevKinds/raidz'
import { zfsLayouts } from './zfsLayouts'

const drives = (count: number) =>
  Array.from({ length: count }, (_, index) => ({ id: `drive-${index + 1}`, capacityBytes: 4e12 }))
const ids = (count: number) => drives(count).map(({ id }) => id)
const sizes = (count: number) => new Map(ids(count).map((id) => [id, 4e12]))
const titles = (count: number) =>
  zfsLayouts(drives(count))
    .filter(({ usual }) => usual)
    .map(({ title }) => title)
const reasonOf = (count: number, id: string) =>
  zfsLayouts(drives(count)).find((choice) => choice.id.startsWith(id))?.reason

test('six drives', () => {
  expect(titles(6)).toEqual([
    'single parity, 6 wide',
    'double parity, 6 wide',
    'triple parity, 6 wide',
    'three pairs',
    'two three-way mirrors',
    'two of 3 wide, single parity',
    'no redundancy',
  ])
})

test('seven drives in mirrors: one of them is three-way', () => {
  const all = zfsLayouts(drives(7)).map(({ title }) => title)
  expect(all).toContain('three mirrors, 1 of them three-way')
})

test('groups of four with double parity are among the usual ones', () => {
  expect(titles(8)).toContain('two of 4 wide, double parity')
  expect(titles(8)).toContain('two of 4 wide, single parity')
  expect(titles(6)).not.toContain('two of 3 wide, double parity')
})

test('what the number of drives forbids is listed with its reason', () => {
  expect(reasonOf(2, 'raidz2')).toBe('Double parity needs at least three drives.')
  expect(reasonOf(1, 'mirror')).toBe('Mirror needs at least two drives.')
  expect(reasonOf(5, 'mirror')).toBe('Pairs need an even number of drives; 1 would be left over.')
  expect(reasonOf(6, 'raidz2')).toBeNull()
})

test('ten drives are three mirrors of three and a spare, 25 two groups of twelve', () => {
  const idsOf = (count: number): string[] => zfsLayouts(drives(count)).map(({ id }) => id)
  expect(idsOf(10)).toContain('mirrorx3x3+1')
  expect(idsOf(10)).not.toContain('mirrorx2x5')
  expect(idsOf(25)).toContain('raidz2x2x12+1')
  expect(idsOf(26)).not.toContain('raidz2x2x12-1+1')
})

test('every possible choice uses every drive once and can be made', () => {
  for (let count = 1; count <= 24; count += 1) {
    const choices = zfsLayouts(drives(count))
    expect(new Set(choices.map(({ id }) => id)).size).toBe(choices.length)
    for (const { pool, reason } of choices) {
      expect(pool === null).toBe(reason !== null)
      if (!pool) continue
      const used = pool.groups.flatMap(({ driveIds }) => driveIds)
      expect([...used].sort()).toEqual(ids(count).sort())
      expect(() => zfsFamily.capacityOf(pool, sizes(count))).not.toThrow()
    }
  }
})

test('less usual parity groups hold two drives of data at least: one would be a mirror that reads slower', () => {
  const least = { raidz1: 3, raidz2: 4, raidz3: 5 }
  const seen = new Set<string>()
  for (let count = 2; count <= 16; count += 1) {
    for (const { pool, usual } of zfsLayouts(drives(count))) {
      for (const { kind, driveIds } of usual ? [] : (pool?.groups ?? [])) {
        if (kind !== 'raidz1' && kind !== 'raidz2' && kind !== 'raidz3') continue
        expect(driveIds.length).toBeGreaterThanOrEqual(least[kind])
        if (driveIds.length === least[kind]) seen.add(kind)
      }
    }
  }
  expect([...seen].sort()).toEqual(['raidz1', 'raidz2', 'raidz3'])
})

test('equal sizes are dealt to the same group', () => {
  const mixed = [2e12, 8e12, 2e12, 8e12].map((capacityBytes, index) => ({
    id: `drive-${index + 1}`,
    capacityBytes,
  }))
  const pairs = zfsLayouts(mixed).find(({ id }) => id === 'mirrorx2x2')
  expect(pairs?.pool?.groups.map(({ driveIds }) => driveIds)).toEqual([
    ['drive-2', 'drive-4'],
    ['drive-1', 'drive-3'],
  ])
})

describe('drives of several sizes', () => {
  const pile = [6, 4, 4, 3, 3, 2, 2, 1].map((terabytes, index) => ({
    id: `drive-${index + 1}`,
    capacityBytes: terabytes * 1e12,
  }))

  /** Every way to cut the sorted drives into neighbours, looked at one by one. */
  function bestCutBytes(parity: number): number {
    let best = 0
    for (let cuts = 0; cuts < 1 << (pile.length - 1); cuts += 1) {
      const groups: number[][] = [[]]
      pile.forEach(({ capacityBytes }, index) => {
        groups.at(-1)?.push(capacityBytes)
        if ((cuts >> index) & 1) groups.push([])
      })
      if (groups.some(({ length }) => length < parity + 2)) continue
      const bytes = groups.reduce(
        (sum, group) => sum + Math.min(...group) * (group.length - parity),
        0,
      )
      best = Math.max(best, bytes)
    }
    return best
  }

  test.each([1, 2] as const)('are cut so that most can be stored, with parity %i', (parity) => {
    const cut = cutBySize(pile, raidz(parity)) ?? []
    const sizeOf = new Map(pile.map(({ id, capacityBytes }) => [id, capacityBytes]))
    const bytes = cut.reduce((sum, group) => {
      const smallest = Math.min(...group.map((id) => sizeOf.get(id) ?? 0))
      return sum + smallest * (group.length - parity)
    }, 0)
    expect(cut.flat().sort()).toEqual(pile.map(({ id }) => id).sort())
    expect(bytes).toBe(bestCutBytes(parity))
  })

  test('cannot be cut when they are too few', () => {
    expect(cutBySize(pile.slice(0, 2), raidz(1))).toBeNull()
  })
})
