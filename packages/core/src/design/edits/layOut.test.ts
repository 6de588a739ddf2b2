import { demoDesign } from '../../../fixtures/demo'
import { driveIdsOf } from '../../../fixtures/ruleTable'
import { evaluate } from '../../evaluate'
import { familyOf } from '../../pool/families'
import type { FamilyName } from '../pools/pools'
import { brokenReferences } from '../brokenReferences'
import type { Design } from '../design'
import type { Pool } from '../pools/pools'
import { driveBytes } from '../../design/driveBytes'
import { spareLayout } from '../../pool/zfs/spareLayout'
import { changePool } from './changePool'
import { groupDrives } from './groupDrives'
import { layOut } from './layOut'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

function layoutOf(design: Design, ids: readonly string[], family: FamilyName, id: string): Pool {
  const drives = ids.map((driveId) => ({
    id: driveId,
    capacityBytes: driveBytes(design).get(driveId) ?? 0,
  }))
  const found = familyOf({ family })
    .layouts(drives)
    .find((layout) => layout.id === id)
  if (!found?.pool) throw new Error(`no layout ${id}`)
  return found.pool
}

describe('laying out drives', () => {
  test('all drives of a pool can change the family; the name stays', () => {
    const wanted = layoutOf(shelf, driveIdsOf(shelf), 'fixed-stripes', 'raid6')
    const after = layOut(shelf, wanted)
    expect(after.pools).toMatchObject([{ id: 'pool-1', name: 'nights', family: 'fixed-stripes' }])
    expect(evaluate(after).survival.alwaysSurvived).toBe(2)
    expect(brokenReferences(after)).toEqual([])
  })

  test('some drives of a ZFS pool become a pool of another family beside it', () => {
    const ids = driveIdsOf(cabin).slice(6)
    const after = layOut(cabin, layoutOf(cabin, ids, 'dedicated-parity', 'dedicated-parity-2'))
    expect(after.pools.map(({ family, groups }) => [family, groups.length])).toEqual([
      ['zfs', 1],
      ['dedicated-parity', 2],
    ])
    expect(after.pools[1]?.name).toBe('pool 2')
    expect(brokenReferences(after)).toEqual([])
  })

  test('drives of another family become a ZFS pool of their own', () => {
    const after = groupDrives(drawer, [{ kind: 'mirror', driveIds: ['drive-6', 'drive-7'] }])
    expect(after.pools.map(({ family }) => family)).toEqual(['scheduled-parity', 'zfs'])
    expect(after.pools[0]?.groups[1]?.driveIds).toHaveLength(4)
  })

  test('what was set of a pool stays when only its layout changes', () => {
    const daily = changePool(drawer, 'pool-1', { syncEveryHours: 6 })
    const ids = driveIdsOf(drawer)
    const after = layOut(daily, layoutOf(drawer, ids, 'scheduled-parity', 'scheduled-parity-2'))
    expect(after.pools[0]).toMatchObject({ name: 'drawer', syncEveryHours: 6 })
    const columns = layOut(after, layoutOf(drawer, ids, 'columns', 'columns-4-1'))
    const wider = layOut(
      changePool(columns, 'pool-1', { interleaveBytes: 131_072 }),
      layoutOf(drawer, ids, 'columns', 'columns-5-1'),
    )
    expect(wider.pools[0]).toMatchObject({ columns: 5, interleaveBytes: 131_072 })
  })

  test('nothing is laid out of no drives', () => {
    const empty: Pool = { id: 'pool-1', name: 'pool', family: 'zfs', ashift: 12, groups: [] }
    expect(layOut(shelf, empty)).toBe(shelf)
  })
})

describe('settings of a pool', () => {
  test('its name and what its family knows', () => {
    const after = changePool(cabin, 'pool-1', { name: 'sky', ashift: 16 })
    expect(after.pools[0]).toMatchObject({ name: 'sky', ashift: 16 })
    expect(evaluate(after).capacity.availableBytes).not.toBe(
      evaluate(cabin).capacity.availableBytes,
    )
  })

  test.each([{ ashift: 40 }, { name: ' ' }, { chunkBytes: 1 }])(
    '%j is not taken, and nothing changes',
    (change) => {
      expect(changePool(cabin, 'pool-1', change).pools).toEqual(cabin.pools)
    },
  )
})

describe('hot spares', () => {
  const ids = driveIdsOf(cabin)
  const sized = (some: readonly string[]) => some.map((id) => ({ id, capacityBytes: 12e12 }))

  test('join the pool whose members they can replace, and hold nothing', () => {
    const { pool, reason } = spareLayout(sized(ids.slice(11)), cabin, undefined)
    expect(reason).toBeNull()
    if (!pool) return
    const after = layOut(cabin, pool)
    expect(after.pools[0]?.groups.map(({ kind }) => kind)).toEqual(['raidz2', 'raidz2', 'spare'])
    const { capacity, survival } = evaluate(after)
    expect(capacity.rawBytes).toBe(11 * 12_000_138_625_024)
    expect(survival.pools[0]?.survival.byFailures).toHaveLength(11)
  })

  test('are refused where there is nothing to replace', () => {
    expect(spareLayout(sized(ids), cabin, undefined).reason).toContain('need a group')
    expect(spareLayout(sized(ids.slice(11)), cabin, null).pool).toBeNull()
    expect(spareLayout(sized(['drive-8']), drawer, undefined).pool).toBeNull()
  })
})
