import { vdevKinds, type ZfsVdevKindName } from '../../pool/zfs/vdevKinds'
import type { DesignDocument, Group, Pool } from '../document'
import { nextId } from './nextId'
import { ungroupDrives } from './ungroupDrives'

/** A group that is to be made of these drives. */
export interface WantedGroup {
  kind: ZfsVdevKindName
  driveIds: readonly string[]
}

/** Sectors of 4 KiB: right for nearly every drive, and safe for the others. Common practice. */
const DEFAULT_ASHIFT = 12

/**
 * Makes groups of drives and adds them to a pool. Drives leave the groups they were in; a group that
 * loses so many that it can no longer be made is dissolved, since its drives were taken on purpose.
 *
 * New groups take the place of the first group they empty, so that letters on the drawing stay
 * where they were when a layout is only changed.
 *
 * @param poolId the pool to join; null makes a new one. By default the pool the drives are in, else
 * the first one.
 */
export function groupDrives(
  document: DesignDocument,
  wanted: readonly WantedGroup[],
  poolId?: string | null,
): DesignDocument {
  const driveIds = new Set(wanted.flatMap((group) => group.driveIds))
  if (driveIds.size === 0) return document
  const target = poolId === undefined ? homePoolId(document, driveIds) : poolId
  const leaving = new Set([...driveIds, ...strandedMembers(document, driveIds)])
  const position = positionInPool(document, target, leaving)
  const without = ungroupDrives(document, [...leaving])

  const taken = document.pools.flatMap(({ groups }) => groups.map(({ id }) => id))
  const groups: Group[] = []
  for (const { kind, driveIds: ids } of wanted) {
    if (ids.length === 0) continue
    const id = nextId('group', [...taken, ...groups.map((group) => group.id)])
    groups.push({ id, kind, driveIds: [...ids] })
  }

  const before = document.pools.find(({ id }) => id === target)
  if (!before) return { ...without, pools: [...without.pools, newPool(document, groups)] }
  if (!without.pools.some(({ id }) => id === target)) {
    const at = document.pools.indexOf(before)
    return { ...without, pools: without.pools.toSpliced(at, 0, { ...before, groups }) }
  }
  return {
    ...without,
    pools: without.pools.map((pool) =>
      pool.id === target
        ? { ...pool, groups: pool.groups.toSpliced(position, 0, ...groups) }
        : pool,
    ),
  }
}

/** Members left behind in groups that become too narrow. */
function strandedMembers(document: DesignDocument, leaving: ReadonlySet<string>): string[] {
  return document.pools.flatMap(({ groups }) =>
    groups.flatMap(({ kind, driveIds }) => {
      const left = driveIds.filter((id) => !leaving.has(id))
      const isRobbed = left.length < driveIds.length
      return isRobbed && left.length < vdevKinds[kind].minimumMembers ? left : []
    }),
  )
}

function newPool(document: DesignDocument, groups: Group[]): Pool {
  const id = nextId(
    'pool',
    document.pools.map((pool) => pool.id),
  )
  return { id, name: id.replace('-', ' '), family: 'zfs', ashift: DEFAULT_ASHIFT, groups }
}

function homePoolId(document: DesignDocument, driveIds: ReadonlySet<string>): string | null {
  const home = document.pools.find(({ groups }) =>
    groups.some((group) => group.driveIds.some((id) => driveIds.has(id))),
  )
  return (home ?? document.pools[0])?.id ?? null
}

/** How many groups of the pool stay in front of the first one that loses all its drives. */
function positionInPool(
  document: DesignDocument,
  poolId: string | null,
  leaving: ReadonlySet<string>,
): number {
  const groups = document.pools.find(({ id }) => id === poolId)?.groups ?? []
  const emptied = groups.findIndex((group) => group.driveIds.every((id) => leaving.has(id)))
  return emptied === -1 ? groups.length : emptied
}
