import { failureGroupsOf, fewestMembers } from '../pools/pools'
import type { Design } from '../design'
import type { Group, Pool } from '../pools/pools'
import { nextId, nextNumber } from './nextId'
import { ungroupDrives } from './ungroupDrives'
import { withGroups } from './withGroups'

/**
 * Makes a layout of drives. They leave the groups they were in; a group that loses so many that it can no
 * longer be made is dissolved, since its drives were taken on purpose.
 *
 * ZFS groups join the ZFS pool their drives are in, else the first one. Every other layout is a pool of its
 * own; it takes the place and the name of the pool whose drives it takes, when nothing is left of that.
 * New groups take the place of the first group they empty, so that letters on the drawing stay where they
 * were when a layout is only changed.
 *
 * @param wanted a pool whose ids, and whose name, count for nothing
 * @param poolId the pool to join; null makes a new one
 */
export function layOut(design: Design, wanted: Pool, poolId?: string | null): Design {
  const driveIds = new Set(wanted.groups.flatMap((group) => group.driveIds))
  if (driveIds.size === 0) return design
  const leaving = new Set([...driveIds, ...strandedMembers(design, driveIds)])
  const without = ungroupDrives(design, [...leaving])
  const groups = numbered(inOwnOrder(wanted, design), design)
  const at = poolId === null ? -1 : placeOf(design, wanted, driveIds, poolId)
  const before = design.pools[at]
  const isEmptied = before && !without.pools.some(({ id }) => id === before.id)
  if (before && isEmptied) {
    const { id, name } = before
    const pool = withGroups({ ...settingsOf(before, wanted), id, name }, groups)
    return { ...without, pools: without.pools.toSpliced(at, 0, pool) }
  }
  if (before && joins(before, wanted)) {
    const position = positionInPool(before, leaving)
    const joined = (pool: Pool): Pool =>
      pool.id === before.id
        ? withGroups(pool, (pool.groups as Group[]).toSpliced(position, 0, ...groups))
        : pool
    return { ...without, pools: without.pools.map(joined) }
  }
  const ids = design.pools.map((pool) => pool.id)
  const number = nextNumber('pool', ids)
  const pool = withGroups({ ...wanted, id: `pool-${number}`, name: `pool ${number}` }, groups)
  return { ...without, pools: [...without.pools, pool] }
}

/**
 * Members as the design lists them, where any of a group's may fail and so their order says nothing; as it is
 * where pairs are made of neighbours.
 */
function inOwnOrder(wanted: Pool, { fitted }: Design): Pool {
  const orderOf = new Map(fitted.map(({ id }, at) => [id, at]))
  const failing = failureGroupsOf(wanted)
  const groups = wanted.groups.map((group) => {
    const isWhole = failing.some(({ driveIds }) =>
      group.driveIds.every((id) => driveIds.includes(id)),
    )
    if (!isWhole) return group
    const at = (id: string): number => orderOf.get(id) ?? Infinity
    return { ...group, driveIds: group.driveIds.toSorted((one, other) => at(one) - at(other)) }
  })
  return withGroups(wanted, groups)
}

/** Only groups of ZFS stand side by side in one pool. */
function joins(before: Pool, wanted: Pool): boolean {
  return before.family === 'zfs' && wanted.family === 'zfs'
}

/** What was set of a pool that is only laid out anew stays set; its columns are part of the layout. */
function settingsOf(before: Pool, wanted: Pool): Pool {
  if (before.family !== wanted.family) return wanted
  if (before.family !== 'columns' || wanted.family !== 'columns') return before
  return { ...before, columns: wanted.columns, parity: wanted.parity }
}

function numbered(wanted: Pool, { pools }: Design): Group[] {
  const taken = pools.flatMap(({ groups }) => groups.map(({ id }) => id))
  const groups: Group[] = []
  for (const group of wanted.groups) {
    if (group.driveIds.length === 0) continue
    const id = nextId('group', [...taken, ...groups.map((one) => one.id)])
    groups.push({ ...group, id, driveIds: [...group.driveIds] })
  }
  return groups
}

/** Members left behind in groups that become too narrow. */
function strandedMembers(design: Design, leaving: ReadonlySet<string>): string[] {
  return design.pools.flatMap((pool) =>
    pool.groups.flatMap((group) => {
      const left = group.driveIds.filter((id) => !leaving.has(id))
      const isRobbed = left.length < group.driveIds.length
      return isRobbed && left.length < fewestMembers(pool, group) ? left : []
    }),
  )
}

/** Where in the list of pools the layout goes; -1 for a new one at the end. */
function placeOf(
  { pools }: Design,
  wanted: Pool,
  driveIds: ReadonlySet<string>,
  poolId: string | undefined,
): number {
  if (poolId !== undefined) return pools.findIndex(({ id }) => id === poolId)
  const home = pools.findIndex(({ groups }) =>
    groups.some((group) => group.driveIds.some((id) => driveIds.has(id))),
  )
  if (home !== -1) return home
  return pools.findIndex((pool) => joins(pool, wanted))
}

/** How many groups of the pool stay in front of the first one that loses all its drives. */
function positionInPool({ groups }: Pool, leaving: ReadonlySet<string>): number {
  const emptied = groups.findIndex((group) => group.driveIds.every((id) => leaving.has(id)))
  return emptied === -1 ? groups.length : emptied
}
