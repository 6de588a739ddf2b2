import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  groupId: string
  smallestBytes: number
  largestBytes: number
}

/** A hot spare that is smaller than a member cannot take its place. */
export const spareTooSmall: Rule<'spare-too-small', Facts> = {
  code: 'spare-too-small',
  step: 'drives',
  find: ({ lettered, bytesOf }) =>
    lettered.flatMap(({ group, pool }) => {
      if (group.kind !== 'spare') return []
      const members = pool.groups.flatMap(({ kind, driveIds }) =>
        kind === 'spare' ? [] : driveIds,
      )
      const largestBytes = Math.max(0, ...members.map((id) => bytesOf.get(id) ?? 0))
      const small = group.driveIds.filter((id) => (bytesOf.get(id) ?? 0) < largestBytes)
      if (small.length === 0) return []
      const smallestBytes = Math.min(...small.map((id) => bytesOf.get(id) ?? 0))
      const facts = { groupId: group.id, smallestBytes, largestBytes }
      return found('risks', { partIds: small, groupIds: [group.id] }, facts)
    }),
  sentence: ({ groupId, smallestBytes, largestBytes }, { letters, format }) => {
    const [small, large] = format.apart(smallestBytes, largestBytes, format.drive, 1)
    return `A spare of group ${letters([groupId])} has ${small}; it cannot take the place of a member of ${large}.`
  },
}
