import { letteredGroups } from '../../design/groupLetters'
import { familyOf } from '../../pool/families'
import type { Rule } from '../rule'

/** A pool is as strong as its weakest group, so parity in the others is partly paid for nothing. */
export const unequalRedundancy: Rule = (document) =>
  document.pools.flatMap((pool) => {
    const sets = familyOf(pool).failureSets(pool)
    const bears = sets.map((set) => set.bears)
    const least = Math.min(...bears)
    const most = Math.max(...bears)
    if (bears.length < 2 || least === most || least === 0) return []
    const weakest = sets.filter((set) => set.bears === least)
    const groupIds = weakest.flatMap((set) => set.groupIds)
    const letters = letteredGroups(document)
      .filter(({ group }) => groupIds.includes(group.id))
      .map(({ letter }) => letter)
    return [
      {
        code: 'unequal-redundancy',
        severity: 'note',
        step: 'drives',
        partIds: weakest.flatMap(({ driveIds }) => driveIds),
        groupIds,
        sentence: `Pool ${pool.name} survives any ${least}, because group ${letters.join(' and ')} bears no more, though another group bears ${most}.`,
        numbers: { least, most },
      },
    ]
  })
