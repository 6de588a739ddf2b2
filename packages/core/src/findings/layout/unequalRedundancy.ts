import { letteredGroups } from '../../design/groupLetters'
import { familyOf } from '../../pool/families'
import type { Rule } from '../../judging/rule'

/** A pool is as strong as its weakest group, so parity in the others is partly paid for nothing. */
export const unequalRedundancy: Rule = ({ design }) =>
  design.pools.flatMap((pool) => {
    const sets = familyOf(pool).failureGroups(pool)
    const tolerates = sets.map((set) => set.tolerates)
    const least = Math.min(...tolerates)
    const most = Math.max(...tolerates)
    if (tolerates.length < 2 || least === most || least === 0) return []
    const weakest = sets.filter((set) => set.tolerates === least)
    const groupIds = weakest.flatMap((set) => set.groupIds)
    const letters = letteredGroups(design)
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
