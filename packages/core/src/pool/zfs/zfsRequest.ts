import { z } from 'zod'
import { MOST_MEMBERS, requestMembers } from '../requestMembers'
import type { CapacityAnswer } from '../layoutFamily'
import { type CountedGroup, survivalByCounting } from '../survival/survivalByCounting'
import { vdevKindOf } from './vdevKinds'
import { ZFS_VDEV_KIND_NAMES } from '../../design/pools/zfsPool'
import { draidShape } from '../../design/pools/zfsPool'
import { zfsPoolCapacity } from './zfsPoolCapacity'

const zfsVdev = z
  .strictObject({
    kind: z.enum([...ZFS_VDEV_KIND_NAMES, 'draid']),
    draid: draidShape.optional(),
    members: requestMembers,
  })
  .refine(({ kind, draid }) => (kind === 'draid') === (draid !== undefined), {
    path: ['draid'],
    error: ({ input }) =>
      (input as { kind?: string }).kind === 'draid'
        ? 'is missing: a draid needs its parity, data and spares'
        : 'belongs to a draid only',
  })

export const zfsRequest = z.strictObject({
  family: z.literal('zfs'),
  ashift: z.int().min(9).max(16),
  wholeDisks: z.boolean(),
  vdevs: z.array(zfsVdev).min(1).max(MOST_MEMBERS),
})

export type ZfsRequest = z.infer<typeof zfsRequest>

/** Capacity to the byte, what is stranded and what is survived. */
export function answerZfs(pool: ZfsRequest): CapacityAnswer {
  const capacity = zfsPoolCapacity(pool)
  const groups = pool.vdevs.flatMap((vdev): CountedGroup[] => {
    const width = vdev.members.length
    const { toleratesFailures, membersStandAlone } = vdevKindOf(vdev)
    return membersStandAlone
      ? Array.from({ length: width }, () => ({ width: 1, tolerates: 0 }))
      : [{ width, tolerates: toleratesFailures(width) }]
  })
  return {
    ...capacity,
    usableBytes: capacity.availableBytes,
    strandedBytes: pool.vdevs.flatMap((vdev) => strandedInVdev(vdev, vdev.members)),
    survival: survivalByCounting(groups),
  }
}

/** What lies idle of each member because the smallest counts; nothing where members stand alone. */
export function strandedInVdev(
  vdev: Parameters<typeof vdevKindOf>[0],
  members: readonly number[],
): number[] {
  const smallest = vdevKindOf(vdev).membersStandAlone ? null : Math.min(...members)
  return members.map((bytes) => (smallest === null ? 0 : bytes - smallest))
}
