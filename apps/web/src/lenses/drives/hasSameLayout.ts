import type { Pool } from '@flint/core/editing'

/** Whether a pool has groups of these kinds over exactly these drives. */
export function hasSameLayout(there: Pool, wanted: Pool): boolean {
  if (there.family !== wanted.family) return false
  if (there.family === 'columns' && wanted.family === 'columns') {
    if (there.columns !== wanted.columns || there.parity !== wanted.parity) return false
  }
  return wanted.groups.every((group) =>
    there.groups.some(
      ({ kind, driveIds }) =>
        kind === group.kind &&
        driveIds.length === group.driveIds.length &&
        group.driveIds.every((id) => driveIds.includes(id)),
    ),
  )
}
