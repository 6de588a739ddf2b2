import type { Design } from '@flint/core/editing'
import { partCost } from '@flint/core/figures'

/**
 * What the next step of growth costs: so many more drives of the model that most of these are, with shipping once.
 *
 * @returns minor units of the brief's currency; null where its price is not known, or no drive is there
 */
export function growthPrice(
  { fitted, snapshots, brief }: Pick<Design, 'fitted' | 'snapshots' | 'brief'>,
  driveIds: readonly string[],
  more: number,
): number | null {
  const ids = new Set(driveIds)
  const counts = new Map<string, number>()
  for (const { id, snapshotId } of fitted) {
    if (ids.has(id)) counts.set(snapshotId, (counts.get(snapshotId) ?? 0) + 1)
  }
  const [most] = [...counts].sort(([, one], [, other]) => other - one)
  const snapshot = snapshots.find(({ id }) => id === most?.[0])
  return snapshot ? partCost(snapshot, more, brief.currency) : null
}
