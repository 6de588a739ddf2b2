import fc from 'fast-check'
import { demoDesign } from '../../../fixtures/demo'
import type { Design } from '../../design/design'
import { driveBytes } from '../../design/driveBytes'
import { driveIdsOf } from '../../../fixtures/ruleTable'
import { dataLossByFailures } from '../dedicatedParity/dataLossByFailures'
import { groupDrives } from '../../design/edits/groupDrives'
import { resolveMachine } from '../../machine/resolveMachine'
import { designSurvival } from './designSurvival'
import { type PulledPool, pullDrives as pull, smallestFatalSets } from './pullDrives'

const pullDrives = (design: Design, ids: readonly string[]): PulledPool[] =>
  pull(design, ids, driveBytes(design))

const survivalOf = (design: Design) =>
  designSurvival(design, driveBytes(design), resolveMachine(design))
const cabin = demoDesign('cabin-archive')
const drawer = demoDesign('drawer-of-drives')
/** The same drives as two ZFS groups of unequal redundancy. */
const twoGroups = groupDrives(drawer, [
  { kind: 'raidz2', driveIds: ['drive-1', 'drive-2', 'drive-3', 'drive-4', 'drive-5'] },
  { kind: 'mirror', driveIds: ['drive-6', 'drive-7'] },
])
const membersOf = (design: typeof cabin, group: number): string[] =>
  design.pools[0]?.groups[group]?.driveIds ?? []

test('nothing pulled: every pool is whole', () => {
  expect(pullDrives(cabin, [])).toMatchObject([{ state: 'whole', hurt: [], fatalNextIds: [] }])
})

test('two of a group with double parity: it runs on, and any other of that group is fatal next', () => {
  const [first = '', second = '', ...rest] = membersOf(cabin, 0)
  const [pool] = pullDrives(cabin, [first, second])
  expect(pool).toMatchObject({ state: 'degraded', hurt: [{ gone: 2, toleratesMore: 0 }] })
  expect(pool?.fatalNextIds).toEqual(rest)
})

test('three of one group lose the pool, two of each do not', () => {
  const [a, b] = [membersOf(cabin, 0), membersOf(cabin, 1)]
  expect(pullDrives(cabin, a.slice(0, 3))).toMatchObject([{ state: 'lost', fatalNextIds: [] }])
  const spread = pullDrives(cabin, [...a.slice(0, 2), ...b.slice(0, 2)])
  expect(spread).toMatchObject([{ state: 'degraded' }])
  expect(spread[0]?.fatalNextIds).toHaveLength(8)
})

test('a drive in no group hurts nobody', () => {
  expect(pullDrives(cabin, ['drive-99'])[0]?.state).toBe('whole')
})

test('without redundancy any drive is fatal', () => {
  const striped = groupDrives(cabin, [{ kind: 'stripe', driveIds: membersOf(cabin, 0) }], null)
  const pool = pullDrives(striped, []).at(-1)
  expect(pool?.fatalNextIds).toEqual(membersOf(cabin, 0))
  expect(pullDrives(striped, membersOf(cabin, 0).slice(0, 1)).at(-1)?.state).toBe('lost')
})

test('the smallest fatal set is one more than is always survived', () => {
  for (const design of [cabin, drawer, demoDesign('warm-room-shelf')]) {
    const { pools } = survivalOf(design)
    for (const { poolId, failures, driveIds: fatal } of smallestFatalSets(design)) {
      expect(fatal).toHaveLength(failures)
      expect(pullDrives(design, fatal)[0]?.state).toMatch(/lost$/)
      expect(pullDrives(design, fatal.slice(1))[0]?.state).not.toMatch(/lost$/)
      const survived = pools.find((pool) => pool.poolId === poolId)?.survival.alwaysSurvived
      expect(failures).toBe((survived ?? -1) + 1)
    }
  }
  // One that is away leaves one less to fail.
  const [gone = ''] = membersOf(cabin, 0)
  expect(smallestFatalSets(cabin, [gone])).toMatchObject([{ failures: 2, groupIds: ['group-1'] }])
  const [first] = smallestFatalSets(cabin)
  expect([first?.failures, first?.groupIds.length]).toEqual([3, 2])
})

// Two ways to the same number: pulling every subset, and counting with polynomials.
test('pulling every set of drives agrees with the counting', () => {
  const ids = twoGroups.pools[0]?.groups.flatMap(({ driveIds }) => driveIds) ?? []
  const survivors = new Map<number, number>()
  for (let set = 1; set < 1 << ids.length; set += 1) {
    const pulled = ids.filter((_, index) => (set >> index) & 1)
    const [pool] = pullDrives(twoGroups, pulled)
    if (pool?.state !== 'lost') {
      survivors.set(pulled.length, (survivors.get(pulled.length) ?? 0) + 1)
    }
  }
  for (const { failures, survivingSets } of survivalOf(twoGroups).pools[0]?.survival.byFailures ??
    []) {
    expect(String(survivors.get(failures) ?? 0)).toBe(survivingSets)
  }
})

test('one more pulled never makes things better', () => {
  const ids = cabin.pools[0]?.groups.flatMap(({ driveIds }) => driveIds) ?? []
  const rank = { whole: 0, degraded: 1, 'partly lost': 2, lost: 3 }
  fc.assert(
    fc.property(fc.subarray(ids), fc.constantFrom(...ids), (pulled, more) => {
      const [before] = pullDrives(cabin, pulled)
      const [after] = pullDrives(cabin, [...pulled, more])
      expect(rank[after?.state ?? 'lost']).toBeGreaterThanOrEqual(rank[before?.state ?? 'lost'])
    }),
  )
})

describe('drives readable alone', () => {
  const ids = driveIdsOf(drawer).slice(0, 7)
  const bytesOf = driveBytes(drawer)

  test('as many as there are parity drives cost nothing', () => {
    for (const id of ids) {
      expect(pullDrives(drawer, [id])).toMatchObject([{ state: 'degraded', lostBytes: 0 }])
    }
  })

  test('beyond that the failed data drives are lost, and nothing else', () => {
    const lost = (...gone: string[]): number | undefined => pullDrives(drawer, gone)[0]?.lostBytes
    const size = (id: string): number => bytesOf.get(id) ?? 0
    expect(lost('drive-2', 'drive-6')).toBe(size('drive-2') + size('drive-6'))
    // drive-1 is the parity drive: it takes no file along, but leaves the other without help.
    expect(lost('drive-1', 'drive-2')).toBe(size('drive-2'))
    expect(pullDrives(drawer, ['drive-1', 'drive-2'])[0]?.state).toBe('partly lost')
    expect(pullDrives(drawer, ids)[0]).toMatchObject({ state: 'lost', fatalNextIds: [] })
  })

  test('which would cost data next', () => {
    expect(pullDrives(drawer, ['drive-2'])[0]?.fatalNextIds).toEqual(
      ids.filter((id) => id !== 'drive-2'),
    )
    // Parity is of no use any more, so its drive may go as well.
    expect(pullDrives(drawer, ['drive-2', 'drive-3'])[0]?.fatalNextIds).toEqual(ids.slice(3))
  })

  test('losses agree with the sums by number of failures', () => {
    const [parity, ...data] = ids.map((id) => bytesOf.get(id) ?? 0)
    const sums = dataLossByFailures({ parity: [parity ?? 0], data })
    for (let set = 1; set < 1 << ids.length; set += 1) {
      const gone = ids.filter((_, index) => (set >> index) & 1)
      const lostBytes = pullDrives(drawer, gone)[0]?.lostBytes ?? -1
      const { leastBytes = 0, mostBytes = 0 } = sums[gone.length - 1] ?? {}
      expect(lostBytes).toBeGreaterThanOrEqual(leastBytes)
      expect(lostBytes).toBeLessThanOrEqual(mostBytes)
    }
  })
})
