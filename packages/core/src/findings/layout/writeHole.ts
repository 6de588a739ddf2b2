import { growthBytesPerYear } from '../../design/brief'
import { familyOf } from '../../pool/families'
import type { Rule } from '../../judging/rule'

/** Source: a Julian year of 365.25 days. */
const HOURS_PER_YEAR = 8_766

/** Layouts that a power cut in the middle of an update can leave with parity that does not fit. */
export const writeHole: Rule = ({ design }, format) =>
  design.pools.flatMap((pool) => {
    if (pool.groups.length === 0) return []
    const { exposed, words, remedies } = familyOf(pool).traits(pool).writeHole
    if (!exposed) return []
    const exposedBytes =
      pool.family === 'scheduled-parity'
        ? (growthBytesPerYear(design.brief) * pool.syncEveryHours) / HOURS_PER_YEAR
        : 0
    const atMost =
      exposedBytes > 0 ? ` At the brief’s growth that is about ${format.space(exposedBytes)}.` : ''
    return [
      {
        code: 'write-hole',
        severity: 'note',
        step: 'drives',
        partIds: [],
        groupIds: pool.groups.map(({ id }) => id),
        sentence: `Pool ${pool.name}: ${lowerFirst(words)}${atMost} What helps: ${remedies.join('; ')}.`,
        numbers: { exposedBytes },
      },
    ]
  })

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
