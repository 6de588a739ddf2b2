import { driveBytes } from '../../design/driveBytes'
import { letteredGroups } from '../../design/groupLetters'
import { TB } from '../../units/bytes'
import type { Rule } from '../rule'

/** From about this size on a rebuild reads for most of a day. Common practice, no source. */
const LARGE_DRIVE_BYTES = 8 * TB

/** While a large drive is rebuilt in a single-parity group, nothing covers the others. */
export const singleParityLargeDrives: Rule = (document, _figures, say) => {
  const bytesOf = driveBytes(document)
  return letteredGroups(document).flatMap(({ group, letter }) => {
    if (group.kind !== 'raidz1') return []
    const largestBytes = Math.max(...group.driveIds.map((id) => bytesOf.get(id) ?? 0))
    if (largestBytes < LARGE_DRIVE_BYTES) return []
    return [
      {
        code: 'single-parity-large-drives',
        severity: 'risks',
        step: 'drives',
        partIds: group.driveIds,
        groupIds: [group.id],
        sentence: `Group ${letter} has single parity over drives of ${say.drive(largestBytes)}: during the long rebuild a second failure loses the pool.`,
        numbers: { largestBytes },
        houseRule:
          'Old or large drives deserve double parity; others find single parity enough with a backup.',
      },
    ]
  })
}
