import type { FailureGroup } from '../../design/pools/failureGroup'
import type { CountedGroup } from './survivalByCounting'

/** Groups of drives as the counting takes them: how wide each is, and how many of it may fail. */
export function countedGroups(
  groups: readonly Pick<FailureGroup, 'driveIds' | 'tolerates'>[],
): CountedGroup[] {
  return groups.map(({ driveIds, tolerates }) => ({ width: driveIds.length, tolerates }))
}
