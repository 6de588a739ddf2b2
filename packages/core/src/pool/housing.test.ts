import fc from 'fast-check'
import { demoDesign } from '../../fixtures/demo'
import { DATA_KINDS } from '../design/brief'
import type { Design } from '../design/design'
import { applyEdit } from '../design/edits/edit'
import { NO_TENANTS } from '../design/tenants'
import { evaluate } from '../evaluate'
import { housing } from './housing'

const data = [
  { kind: 'media' as const, nowBytes: 6, growthBytesPerYear: 0, fileBytes: 1 },
  { kind: 'projects' as const, nowBytes: 5, growthBytesPerYear: 0, fileBytes: 1 },
]
const brief = { data, horizonYears: 1 }
const pools = [
  { poolId: 'pool-1', workingBytes: 10 },
  { poolId: 'pool-2', workingBytes: 4 },
]

test('what is placed on a pool has to fit there, by hand', () => {
  const homes = [{ kind: 'media' as const, poolId: 'pool-2' }]
  expect(housing(pools, brief, { homes, scratchPoolIds: [] })).toEqual({
    homes: [
      { poolId: 'pool-1', workingBytes: 10, wantedBytes: 0, kinds: [], mostNowBytes: 5 },
      { poolId: 'pool-2', workingBytes: 4, wantedBytes: 6, kinds: ['media'], mostNowBytes: 11 },
    ],
    housedBytes: 9,
    shortPoolId: 'pool-2',
  })
  expect(housing(pools, brief, NO_TENANTS)).toMatchObject({ housedBytes: 11, shortPoolId: null })
})

test('scratch has no room for data, and a pool that is gone is no home', () => {
  const scratchPoolIds = ['pool-1']
  expect(housing(pools, brief, { homes: [], scratchPoolIds }).housedBytes).toBe(4)
  const gone = [{ kind: 'media' as const, poolId: 'pool-9' }]
  expect(housing(pools, brief, { homes: gone, scratchPoolIds: [] }).housedBytes).toBe(11)
})

test('placing never makes room, and with nothing placed all room serves', () => {
  const size = fc.integer({ min: 0, max: 1_000 })
  const some = fc.record({
    working: fc.array(size, { maxLength: 4 }),
    sizes: fc.array(size, { maxLength: 5 }),
    at: fc.array(fc.nat(4), { minLength: 5, maxLength: 5 }),
  })
  fc.assert(
    fc.property(some, ({ working, sizes, at }) => {
      const all = working.map((workingBytes, index) => ({ poolId: `pool-${index}`, workingBytes }))
      const entries = sizes.map((nowBytes, index) => ({
        kind: DATA_KINDS[index] ?? 'other',
        nowBytes,
        growthBytesPerYear: 0,
        fileBytes: 1,
      }))
      const asked = { data: entries, horizonYears: 0 }
      const homes = entries.map(({ kind }, index) => ({ kind, poolId: `pool-${at[index] ?? 0}` }))
      const free = housing(all, asked, NO_TENANTS).housedBytes
      const wanted = sizes.reduce((sum, one) => sum + one, 0)
      const room = working.reduce((sum, one) => sum + one, 0)
      expect(free).toBe(Math.min(wanted, room))
      expect(housing(all, asked, { homes, scratchPoolIds: [] }).housedBytes).toBeLessThanOrEqual(
        free,
      )
    }),
  )
})

test('the ledger goes by it: a scratch pool is no space and drags nothing down', () => {
  const cabin = demoDesign('cabin-archive')
  const [pool] = cabin.pools
  if (pool?.family !== 'zfs') throw new Error('The demo is another one.')
  const [first, second] = pool.groups
  if (!first || !second) throw new Error('The demo is another one.')
  const split = {
    ...cabin,
    pools: [
      { ...pool, groups: [first] },
      {
        ...pool,
        id: 'pool-2',
        name: 'scratch',
        groups: [{ id: second.id, kind: 'stripe' as const, driveIds: second.driveIds }],
      },
    ],
  }
  const before = evaluate(split)
  expect(before.survival.alwaysSurvived).toBe(0)
  const after = evaluate(
    applyEdit(split, { do: 'use-for-scratch', poolId: 'pool-2', isScratch: true }),
  )
  expect(after.survival).toMatchObject({ alwaysSurvived: 2, weakestPoolId: pool.id })
  expect(after.capacity.workingBytes).toBe(after.capacity.pools[0]?.workingBytes)
  expect(after.capacity.workingBytes).toBeLessThan(before.capacity.workingBytes)
  // Placed on the smaller pool the data does not fit, although there is room in all.
  const kinds = split.brief.data.map(({ kind }) => kind)
  const placed = kinds.reduce<Design>(
    (design, kind) => applyEdit(design, { do: 'place-data', kind, poolId: pool.id }),
    split,
  )
  const limit = evaluate(placed).limits.find(({ id }) => id === 'space')
  expect(limit).toMatchObject({ status: 'missed', facts: { shortPoolId: pool.id } })
})
