import { THOUGHT } from '../../pool/thoughtPool'
import type { ZfsVdevKindName } from '../../pool/zfs/vdevKinds'
import { USUAL_ASHIFT } from '../../pool/zfs/zfsPoolFields'
import type { DesignDocument } from '../document'
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
  document: DesignDocument,
  wanted: readonly WantedGroup[],
  poolId?: string | null,
): DesignDocument {
  const groups = wanted.map(({ kind, driveIds }, index) => {
    return { id: `group-${index + 1}`, kind, driveIds: [...driveIds] }
  })
  return layOut(document, { ...THOUGHT, family: 'zfs', ashift: USUAL_ASHIFT, groups }, poolId)
}
