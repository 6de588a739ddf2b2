import fc from 'fast-check'
import { DATA_KINDS, wantedBytes } from '../design/brief'
import { suggestedHomes } from './suggestedHomes'

const entry = (kind: (typeof DATA_KINDS)[number], nowBytes: number) => ({
  kind,
  nowBytes,
  growthBytesPerYear: 0,
  fileBytes: 1,
})
const flash = { poolId: 'flash', workingBytes: 2, isFlash: true }
const disks = { poolId: 'disks', workingBytes: 10, isFlash: false }

test('images go to flash and films to disks, by hand', () => {
  const brief = { data: [entry('media', 8), entry('machine images', 1)], horizonYears: 0 }
  expect(suggestedHomes([flash, disks], brief, [])).toEqual([
    { kind: 'machine images', poolId: 'flash' },
    { kind: 'media', poolId: 'disks' },
  ])
})

test('what has no room on flash goes to disks, and what has room nowhere is not placed', () => {
  const brief = { data: [entry('projects', 5), entry('media', 6)], horizonYears: 0 }
  expect(suggestedHomes([flash, disks], brief, [])).toEqual([{ kind: 'projects', poolId: 'disks' }])
  expect(suggestedHomes([flash, disks], brief, ['disks'])).toEqual([])
})

test('what just fills a pool goes there', () => {
  const brief = { data: [entry('projects', 2), entry('media', 10)], horizonYears: 0 }
  expect(suggestedHomes([flash, disks], brief, [])).toEqual([
    { kind: 'projects', poolId: 'flash' },
    { kind: 'media', poolId: 'disks' },
  ])
})

test('no pool is ever given more than it has room for', () => {
  const size = fc.integer({ min: 0, max: 100 })
  fc.assert(
    fc.property(
      fc.array(fc.record({ workingBytes: size, isFlash: fc.boolean() }), { maxLength: 4 }),
      fc.array(size, { maxLength: 5 }),
      (rooms, sizes) => {
        const pools = rooms.map((room, index) => ({ ...room, poolId: `pool-${index}` }))
        const data = sizes.map((bytes, index) => entry(DATA_KINDS[index] ?? 'other', bytes))
        const homes = suggestedHomes(pools, { data, horizonYears: 0 }, [])
        for (const { poolId, workingBytes } of pools) {
          const kinds = homes.filter((home) => home.poolId === poolId).map(({ kind }) => kind)
          const placed = data.filter(({ kind }) => kinds.includes(kind))
          expect(wantedBytes({ data: placed, horizonYears: 0 })).toBeLessThanOrEqual(workingBytes)
        }
      },
    ),
  )
})
