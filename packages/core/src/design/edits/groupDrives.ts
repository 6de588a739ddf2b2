import { PLACEHOLDER_POOL } from '../pools/placeholderPool'
import { USUAL_ASHIFT, type ZfsVdevKindName } from '../pools/zfsPool'
import type { Design } from '../design'
import { layOut } from './layOut'

/** A ZFS group that is to be made of these drives. */
export interface WantedGroup {
  kind: ZfsVdevKindName | 'spare'
  driveIds: readonly string[]
}

/**
 * Makes groups of drives and adds them to a ZFS pool: the one given, or that the drives are in, or the first.
 * @param poolId the pool to join; null makes a new one
 */
export function groupDrives(
  design: Design,
  wanted: readonly WantedGroup[],
  poolId?: string | null,
): Design {
  const groups = wanted.map(({ kind, driveIds }, index) => {
    return { id: `group-${index + 1}`, kind, driveIds: [...driveIds] }
  })
  return layOut(
    design,
    { ...PLACEHOLDER_POOL, family: 'zfs', ashift: USUAL_ASHIFT, groups },
    poolId,
  )
}
