import type { Design } from '../design'
import type { Group } from '../pools/pools'
import { withGroups } from './withGroups'

/**
 * Takes drives out of their groups. A group keeps what is left, even when that is too narrow for its
 * parity: a finding says so, and the builder may be about to put another drive in. Empty groups and
 * pools go.
 */
export function ungroupDrives(design: Design, driveIds: readonly string[]): Design {
  const leaving = new Set(driveIds)
  const isMember = design.pools.some(({ groups }) =>
    groups.some((group) => group.driveIds.some((id) => leaving.has(id))),
  )
  if (!isMember) return design
  const pools = design.pools
    .map((pool) =>
      withGroups(
        pool,
        (pool.groups as Group[])
          .map((group) => ({
            ...group,
            driveIds: group.driveIds.filter((id) => !leaving.has(id)),
          }))
          .filter((group) => group.driveIds.length > 0),
      ),
    )
    .filter((pool) => pool.groups.length > 0)
  return { ...design, pools }
}
