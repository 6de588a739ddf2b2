import type { Layout, SizedDrive } from '../pool/layoutFamily'
import { THOUGHT } from '../pool/thoughtPool'
import { USUAL_ASHIFT } from '../pool/zfs/zfsPoolFields'
import type { DesignDocument, Pool } from './document'

/**
 * Can these drives become hot spares? They hold nothing, so they need groups beside them in the same pool.
 *
 * @param poolId the ZFS pool they would serve; null for a new one, undefined for any there is
 */
export function spareLayout(
  drives: readonly SizedDrive[],
  { pools }: Pick<DesignDocument, 'pools'>,
  poolId: string | null | undefined,
): Layout<Pool> {
  const ids = drives.map(({ id }) => id)
  const isServed = pools.some(
    ({ id, family, groups }) =>
      family === 'zfs' &&
      (poolId === undefined || poolId === id) &&
      groups.some(
        ({ kind, driveIds }) => kind !== 'spare' && !driveIds.every((one) => ids.includes(one)),
      ),
  )
  const words = { id: 'spare', title: 'hot spares', ownWords: 'spare', usual: true }
  if (!isServed) {
    return {
      ...words,
      pool: null,
      reason: 'Spares need a group in the same pool whose drives they can replace.',
    }
  }
  const groups = [{ id: 'group-1', kind: 'spare' as const, driveIds: ids }]
  return {
    ...words,
    pool: { ...THOUGHT, family: 'zfs', ashift: USUAL_ASHIFT, groups },
    reason: null,
  }
}
