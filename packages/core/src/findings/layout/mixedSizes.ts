import { letteredGroups } from '../../design/groupLetters'
import { familyOf } from '../../pool/families'
import { TB } from '../../units/bytes'
import type { Rule } from '../../judging/rule'

/** Drives sold as the same size differ by a few sectors; below this nobody minds. */
const WORTH_SAYING_BYTES = 0.01 * TB

/** Space on drives of several sizes that the layout cannot use. */
export const mixedSizes: Rule = ({ design, capacity }, format) =>
  letteredGroups(design).flatMap(({ group, letter, pool }) => {
    const stranded = capacity.pools.find(({ poolId }) => poolId === pool.id)?.capacity
    const strandedBytes = group.driveIds.reduce(
      (sum, id) => sum + (stranded?.strandedByDrive[id] ?? 0),
      0,
    )
    if (strandedBytes < WORTH_SAYING_BYTES) return []
    return [
      {
        code: 'mixed-sizes',
        severity: 'note',
        step: 'drives',
        partIds: group.driveIds,
        groupIds: [group.id],
        sentence: `Group ${letter}: ${format.drive(strandedBytes)} lie idle, because ${familyOf(pool).idleBecause(group)}.`,
        numbers: { strandedBytes },
      },
    ]
  })
