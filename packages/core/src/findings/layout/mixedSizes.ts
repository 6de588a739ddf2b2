import { driveBytes } from '../../design/driveBytes'
import { letteredGroups } from '../../design/groupLetters'
import { vdevKinds } from '../../pool/zfs/vdevKinds'
import { TB } from '../../units/bytes'
import type { Rule } from '../rule'

/** Drives sold as the same size differ by a few sectors; below this nobody minds. */
const WORTH_SAYING_BYTES = 0.01 * TB

/** In one group every drive counts as the smallest one. */
export const mixedSizes: Rule = (document, _figures, say) => {
  const bytesOf = driveBytes(document)
  return letteredGroups(document).flatMap(({ group, letter }) => {
    if (vdevKinds[group.kind].membersStandAlone) return []
    const sizes = group.driveIds.map((id) => bytesOf.get(id) ?? 0)
    const smallestBytes = Math.min(...sizes)
    const strandedBytes = sizes.reduce((sum, bytes) => sum + bytes - smallestBytes, 0)
    if (strandedBytes < WORTH_SAYING_BYTES) return []
    return [
      {
        code: 'mixed-sizes',
        severity: 'note',
        step: 'drives',
        partIds: group.driveIds,
        groupIds: [group.id],
        sentence: `Group ${letter} counts every drive as ${say.drive(smallestBytes)}, its smallest; ${say.drive(strandedBytes)} lie idle.`,
        numbers: { smallestBytes, strandedBytes },
      },
    ]
  })
}
