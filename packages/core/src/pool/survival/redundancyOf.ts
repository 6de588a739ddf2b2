import type { FailureSet } from '../layoutFamily'
import type { RedundancyGroup } from './survivalByCounting'

/** The counting of a family's failure sets. */
export function redundancyOf(sets: readonly FailureSet[]): RedundancyGroup[] {
  return sets.map(({ driveIds, bears }) => ({ width: driveIds.length, bears }))
}
