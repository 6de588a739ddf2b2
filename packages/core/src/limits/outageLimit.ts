import type { Limit } from '../judging/limit'
import { exactly, exactOf } from '../units/amount'
import { heldPools } from './heldPools'
import { poolOutage } from './poolOutage'

interface Facts {
  outageHoursTolerated: number
  /** The pool that is away longest; null where no other is kept apart from it. */
  poolId: string | null
}

/**
 * How long files are away after one drive dies: not at all where redundancy stands in for it, and as long as
 * copying them back takes elsewhere. Finding and fitting a new drive comes on top.
 */
export const outageLimit: Limit<'outage', Facts> = {
  id: 'outage',
  title: 'Longest outage',
  dependsOn: ['drives', 'layout'],
  judge: (given) => {
    const { outageHoursTolerated } = given.brief
    if (outageHoursTolerated === null) return null
    const bound = { most: outageHoursTolerated }
    const nothing = { bound, has: null, facts: { outageHoursTolerated, poolId: null } }
    if (given.survival.alwaysSurvived === null) return nothing
    const held = heldPools(given)
    const outages = held.map((pool) => ({ poolId: pool.id, has: poolOutage(given, pool) }))
    const known = outages.flatMap(({ poolId, has }) =>
      has ? [{ poolId, hours: exactOf(has), missing: has.missing }] : [],
    )
    const [worst] = known.toSorted((one, other) => other.hours - one.hours)
    if (!worst || known.length < outages.length) return nothing
    const { poolId, hours } = worst
    return {
      bound,
      has: exactly(
        hours,
        'h',
        known.flatMap(({ missing }) => missing),
      ),
      facts: { outageHoursTolerated, poolId: held.length > 1 && hours !== 0 ? poolId : null },
    }
  },
  wanted: ({ facts }, { format }) => `at most ${format.number(facts.outageHoursTolerated, 1)} h`,
  has: ({ has, facts }, { format, pool }) => {
    if (!has || has.missing.length > 0) return 'not known'
    if (exactOf(has) === 0) return 'runs on'
    const [hours] = format.apart(exactOf(has), facts.outageHoursTolerated, format.number, 1)
    return `at least ${hours} h${facts.poolId === null ? '' : ` for ${pool(facts.poolId)}`}`
  },
}
