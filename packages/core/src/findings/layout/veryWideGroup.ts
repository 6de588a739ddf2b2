import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { familyOf } from '../../pool/families'

/**
 * More members of one parity group than this make rebuilds long and small reads slow; twelve are the most that
 * many builders take. Common practice, no source. dRAID is made for more.
 */
export const MOST_MEMBERS = 12

interface Facts {
  groupIds: readonly string[]
  members: number
  tolerates: number
}

/** Parity over very many drives. */
export const veryWideGroup: Rule<'very-wide-group', Facts> = {
  code: 'very-wide-group',
  step: 'drives',
  find: ({ pools }) =>
    pools.flatMap((pool) => {
      const isDraid = pool.groups.some(({ kind }) => kind.startsWith('draid'))
      if (pool.family !== 'zfs' && pool.family !== 'fixed-stripes') return []
      return familyOf(pool)
        .failureGroups(pool)
        .flatMap(({ by, tolerates, driveIds, groupIds }) => {
          if (by !== 'parity' || isDraid || driveIds.length <= MOST_MEMBERS) return []
          const facts = { groupIds, members: driveIds.length, tolerates }
          return found('note', { partIds: driveIds, groupIds }, facts)
        })
    }),
  sentence: ({ groupIds, members, tolerates }, { letters, format }) =>
    `Group ${letters(groupIds)} has ${format.counted(members, 'member')}: a rebuild reads all of them, each small read waits for all of them, and only any ${format.counted(tolerates, 'failure')} of ${members} ${tolerates === 1 ? 'is' : 'are'} survived.`,
  houseRule: () =>
    'Up to about twelve members a group; some go wider for archives that are hardly read.',
}
