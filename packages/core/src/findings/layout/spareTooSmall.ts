import { driveBytes } from '../../design/driveBytes'
import { letteredGroups } from '../../design/groupLetters'
import type { Rule } from '../../judging/rule'

/** A hot spare that is smaller than a member cannot take its place. */
export const spareTooSmall: Rule = ({ design }, format) => {
  const bytesOf = driveBytes(design)
  const lettered = letteredGroups(design)
  return lettered.flatMap(({ group, letter, pool }) => {
    if (group.kind !== 'spare') return []
    const members = pool.groups.flatMap(({ kind, driveIds }) => (kind === 'spare' ? [] : driveIds))
    const largestBytes = Math.max(0, ...members.map((id) => bytesOf.get(id) ?? 0))
    const small = group.driveIds.filter((id) => (bytesOf.get(id) ?? 0) < largestBytes)
    const smallestBytes = Math.min(...small.map((id) => bytesOf.get(id) ?? 0))
    if (small.length === 0) return []
    return [
      {
        code: 'spare-too-small',
        severity: 'risks',
        step: 'drives',
        partIds: small,
        groupIds: [group.id],
        sentence: `A spare of group ${letter} has ${format.drive(smallestBytes)}; it cannot take the place of a member of ${format.drive(largestBytes)}.`,
        numbers: { smallestBytes, largestBytes },
      },
    ]
  })
}
