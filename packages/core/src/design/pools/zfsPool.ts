import { z } from 'zod'
import type { FailureGroup } from './failureGroup'
import { documentId, groupMembers, poolFields } from './poolFields'
import type { PoolShape } from './poolShape'

export const ZFS_VDEV_KIND_NAMES = ['stripe', 'mirror', 'raidz1', 'raidz2', 'raidz3'] as const
export type ZfsVdevKindName = (typeof ZFS_VDEV_KIND_NAMES)[number]

/** How a dRAID spreads its blocks; part of the vdev, not of its members. */
export interface DraidShape {
  parity: 1 | 2 | 3
  /** Data members of each redundancy group. */
  data: number
  /** Distributed spares: their space lies on all members. */
  spares: number
}

export const draidShape = z.strictObject({
  parity: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  data: z.int().min(1).max(255),
  spares: z.int().min(0).max(100),
})

const group = { id: documentId, driveIds: groupMembers }

/** A top-level vdev, or the hot spares of the pool, which hold nothing until a member fails. */
const zfsGroup = z.discriminatedUnion('kind', [
  z.strictObject({ ...group, kind: z.enum([...ZFS_VDEV_KIND_NAMES, 'spare']) }),
  z.strictObject({ ...group, kind: z.literal('draid'), draid: draidShape }),
])

/** A ZFS pool of a design. */
const schema = z.strictObject({
  ...poolFields,
  family: z.literal('zfs'),
  ashift: z.int().min(9).max(16),
  groups: z.array(zfsGroup).max(256),
})

export type ZfsDesignPool = z.infer<typeof schema>
export type ZfsGroup = ZfsDesignPool['groups'][number]

/** Sectors of 4 KiB: right for nearly every drive, and safe for the others. Common practice. */
export const USUAL_ASHIFT = 12

export interface VdevRedundancy {
  minimumMembers: number
  /** Members that may fail before data is lost. */
  toleratesFailures: (width: number) => number
  by: FailureGroup['by']
}

const parity = (count: number): VdevRedundancy => ({
  minimumMembers: count + 1,
  toleratesFailures: () => count,
  by: 'parity',
})

const REDUNDANCY: Record<ZfsVdevKindName, VdevRedundancy> = {
  stripe: { minimumMembers: 1, toleratesFailures: () => 0, by: 'nothing' },
  mirror: { minimumMembers: 2, toleratesFailures: (width) => width - 1, by: 'copies' },
  raidz1: parity(1),
  raidz2: parity(2),
  raidz3: parity(3),
}

/**
 * How many members a kind of vdev needs and how many of them may fail.
 *
 * Source: zpoolconcepts(7) of OpenZFS 2.1 (from memory).
 * @throws RangeError for a dRAID without a shape
 */
export function redundancyOfVdev(vdev: {
  kind: ZfsVdevKindName | 'draid'
  draid?: DraidShape | undefined
}): VdevRedundancy {
  if (vdev.kind !== 'draid') return REDUNDANCY[vdev.kind]
  if (!vdev.draid) throw new RangeError('A draid vdev needs its parity, data and spares.')
  const { parity: tolerates, data, spares } = vdev.draid
  return {
    minimumMembers: data + tolerates + spares,
    toleratesFailures: () => tolerates,
    by: 'parity',
  }
}

/** A group that holds data: everything but hot spares. */
export type ZfsVdevGroup = ZfsGroup & { kind: Exclude<ZfsGroup['kind'], 'spare'> }
export const isVdev = (group: ZfsGroup): group is ZfsVdevGroup => group.kind !== 'spare'

export const zfsShape: PoolShape<ZfsDesignPool> = {
  family: 'zfs',
  schema,
  fewestMembers: (group) => (isVdev(group) ? redundancyOfVdev(group).minimumMembers : 1),
  failureGroups: ({ groups }) =>
    groups.filter(isVdev).map((group) => {
      const { id, driveIds } = group
      const { minimumMembers, toleratesFailures, by } = redundancyOfVdev(group)
      const width = driveIds.length
      const tolerates = width < minimumMembers ? 0 : toleratesFailures(width)
      const set: FailureGroup = { groupIds: [id], driveIds, tolerates, by }
      const hasSpares = group.kind === 'draid' && group.draid.spares > 0
      return hasSpares ? { ...set, spreadSpareReads: group.draid.data } : set
    }),
}
