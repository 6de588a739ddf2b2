import { familyOf } from '../../pool/families'
import type { Rule } from '../../judging/rule'

/** Layouts that carry a standing warning, however well the rest fits. */
export const experimentalLayout: Rule = ({ design }) =>
  design.pools.flatMap((pool) => {
    const warning = pool.groups.length > 0 ? familyOf(pool).traits(pool).warning : null
    if (warning === null) return []
    return [
      {
        code: 'experimental-layout',
        severity: 'risks',
        step: 'drives',
        partIds: [],
        groupIds: pool.groups.map(({ id }) => id),
        sentence: `Pool ${pool.name}: ${warning}`,
        numbers: {},
        houseRule:
          'Convenient for mixed sizes, say some; others keep it off data they care about, which is the rule here.',
      },
    ]
  })
