import { familyOf } from '../../pool/families'
import type { Rule } from '../rule'

/** Layouts that a power cut in the middle of an update can leave with parity that does not fit. */
export const writeHole: Rule = (document) =>
  document.pools.flatMap((pool) => {
    if (pool.groups.length === 0) return []
    const { exposed, words, remedies } = familyOf(pool).traits(pool).writeHole
    if (!exposed) return []
    return [
      {
        code: 'write-hole',
        severity: 'note',
        step: 'drives',
        partIds: [],
        groupIds: pool.groups.map(({ id }) => id),
        sentence: `Pool ${pool.name}: ${lowerFirst(words)} What helps: ${remedies.join('; ')}.`,
        numbers: {},
      },
    ]
  })

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
