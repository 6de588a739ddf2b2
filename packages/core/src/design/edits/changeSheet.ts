import { partSheet } from '../../catalogue/partKinds'
import type { Design } from '../design'

/**
 * Changes values of a data sheet in this design only; from then on it is the design's own, and the
 * catalogue has no say in it any more. Values that make no valid data sheet change nothing.
 */
export function changeSheet(
  design: Design,
  snapshotId: string,
  change: Record<string, unknown>,
): Design {
  return {
    ...design,
    snapshots: design.snapshots.map((snapshot) => {
      if (snapshot.id !== snapshotId) return snapshot
      const changed = partSheet.safeParse({ ...snapshot.sheet, ...change })
      if (!changed.success) return snapshot
      return { ...snapshot, slug: null, catalogueVersion: 0, sheet: changed.data }
    }),
  }
}
