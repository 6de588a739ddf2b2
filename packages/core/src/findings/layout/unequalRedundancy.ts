import { letteredGroups } from '../../design/groupLetters'
import { redundancyGroups } from '../../pool/survival/designSurvival'
import type { Rule } from '../rule'

/** A pool is as strong as its weakest group, so parity in the others is partly paid for nothing. */
export const unequalRedundancy: Rule = (document) =>
  document.pools.flatMap((pool) => {
    const bears = redundancyGroups(pool).map((group) => group.bears)
    const least = Math.min(...bears)
    const most = Math.max(...bears)
    if (bears.length < 2 || least === most || least === 0) return []
    const weakest = pool.groups.filter((_, index) => bears[index] === least)
    const letters = letteredGroups(document)
      .filter(({ group }) => weakest.includes(group))
      .map(({ letter }) => letter)
    return [
      {
        code: 'unequal-redundancy',
        severity: 'note',
        step: 'drives',
        partIds: weakest.flatMap(({ driveIds }) => driveIds),
        groupIds: weakest.map(({ id }) => id),
        sentence: `Pool ${pool.name} survives any ${least}, because group ${letters.join(' and ')} bears no more, though another group bears ${most}.`,
        numbers: { least, most },
      },
    ]
  })
