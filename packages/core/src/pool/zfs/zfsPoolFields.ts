import { z } from 'zod'
import { documentId, groupMembers, poolFields } from '../poolFields'
import { ZFS_VDEV_KIND_NAMES } from './vdevKinds'

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
export const zfsPoolFields = z.strictObject({
  ...poolFields,
  family: z.literal('zfs'),
  ashift: z.int().min(9).max(16),
  groups: z.array(zfsGroup).max(256),
})

export type ZfsDesignPool = z.infer<typeof zfsPoolFields>
export type ZfsGroup = ZfsDesignPool['groups'][number]

/** Sectors of 4 KiB: right for nearly every drive, and safe for the others. Common practice. */
export const USUAL_ASHIFT = 12
