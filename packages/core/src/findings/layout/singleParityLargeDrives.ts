import { driveBytes } from '../../design/driveBytes'
import { letteredGroups } from '../../design/groupLetters'
import { familyOf } from '../../pool/families'
import { TB } from '../../units/bytes'
import type { Rule } from '../../judging/rule'

/** From about this size on a rebuild reads for most of a day. Common practice, no source. */
const LARGE_DRIVE_BYTES = 8 * TB

/** While a large drive is rebuilt under single parity, nothing covers the others. */
export const singleParityLargeDrives: Rule = ({ design }, format) => {
  const bytesOf = driveBytes(design)
  const lettered = letteredGroups(design)
  return design.pools.flatMap((pool) => {
    const family = familyOf(pool)
    return family.failureGroups(pool).flatMap(({ by, tolerates, driveIds, groupIds }) => {
      if (by !== 'parity' || tolerates !== 1) return []
      const largestBytes = Math.max(...driveIds.map((id) => bytesOf.get(id) ?? 0))
      if (largestBytes < LARGE_DRIVE_BYTES) return []
      const letters = lettered
        .filter(({ group }) => groupIds.includes(group.id))
        .map(({ letter }) => letter)
      const subject =
        letters.length > 1 ? `Groups ${letters.join(' and ')} have` : `Group ${letters.join()} has`
      const loses = family.beyond === 'pool' ? 'the pool' : 'the files of both drives'
      return [
        {
          code: 'single-parity-large-drives',
          severity: 'risks',
          step: 'drives',
          partIds: driveIds,
          groupIds,
          sentence: `${subject} single parity over drives of ${format.drive(largestBytes)}: during the long rebuild a second failure loses ${loses}.`,
          numbers: { largestBytes },
          houseRule:
            'Old or large drives deserve double parity; others find single parity enough with a backup.',
        },
      ]
    })
  })
}
