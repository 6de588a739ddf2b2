import type { DesignDocument, Group } from '../document'
import { withGroups } from './withGroups'

/**
 * Takes drives out of their groups. A group keeps what is left, even when that is too narrow for its
 * parity: a finding says so, and the builder may be about to put another drive in. Empty groups and
 * pools go.
 */
export function ungroupDrives(
  document: DesignDocument,
  driveIds: readonly string[],
): DesignDocument {
  const leaving = new Set(driveIds)
  const isMember = document.pools.some(({ groups }) =>
    groups.some((group) => group.driveIds.some((id) => leaving.has(id))),
  )
  if (!isMember) return document
  const pools = document.pools
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
  return { ...document, pools }
}
