import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { TB } from '../../units/bytes'

/** Drives sold as the same size differ by a few sectors; below this nobody minds. */
export const WORTH_SAYING_BYTES = 0.01 * TB

interface Facts {
  groupId: string
  strandedBytes: number
}

/** Space on drives of several sizes that the layout cannot use. */
export const mixedSizes: Rule<'mixed-sizes', Facts> = {
  code: 'mixed-sizes',
  step: 'drives',
  find: ({ lettered, capacity }) =>
    lettered.flatMap(({ group, pool }) => {
      const stranded = capacity.pools.find(({ poolId }) => poolId === pool.id)?.capacity
      const strandedBytes = group.driveIds.reduce(
        (sum, id) => sum + (stranded?.strandedByDrive[id] ?? 0),
        0,
      )
      if (strandedBytes < WORTH_SAYING_BYTES) return []
      const about = { partIds: group.driveIds, groupIds: [group.id] }
      return found('note', about, { groupId: group.id, strandedBytes })
    }),
  sentence: ({ groupId, strandedBytes }, { letters, idleBecause, format }) =>
    `Group ${letters([groupId])}: ${format.drive(strandedBytes)} unused, because ${idleBecause(groupId)}.`,
}
