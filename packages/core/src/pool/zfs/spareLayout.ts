import type { Layout, SizedDrive } from '../layoutFamily'
import { PLACEHOLDER_POOL } from '../../design/pools/placeholderPool'
import { USUAL_ASHIFT } from '../../design/pools/zfsPool'
import type { Design } from '../../design/design'
import type { Pool } from '../../design/pools/pools'

/**
 * Can these drives become hot spares? They hold nothing, so they need groups beside them in the same pool.
 *
 * @param poolId the ZFS pool they would serve; null for a new one, undefined for any there is
 */
export function spareLayout(
  drives: readonly SizedDrive[],
  { pools }: Pick<Design, 'pools'>,
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
  const words = { id: 'spare', title: 'hot spares', nativeName: 'spare', usual: true }
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
    pool: { ...PLACEHOLDER_POOL, family: 'zfs', ashift: USUAL_ASHIFT, groups },
    reason: null,
  }
}
