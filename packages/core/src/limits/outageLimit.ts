import { dataNowBytes } from '../design/brief'
import type { Given } from '../judging/given'
import type { Limit } from '../judging/limit'
import { scenarioRates } from '../paths/scenarioRates'
import { copyIn } from '../paths/scenarios/copyIn'
import { poolState } from '../pool/poolState'
import { type Amount, exactly } from '../units/amount'

const SECONDS_PER_HOUR = 3600

interface Facts {
  outageHoursTolerated: number
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
    const judged = { bound: { most: outageHoursTolerated }, facts: { outageHoursTolerated } }
    if (given.survival.alwaysSurvived === null) return { ...judged, has: null }
    return { ...judged, has: outageHours(given) }
  },
  wanted: ({ facts }, { format }) => `at most ${format.number(facts.outageHoursTolerated, 1)} h`,
  has: ({ has, facts }, { format }) => {
    if (!has || has.missing.length > 0) return 'not known'
    if (has.low === 0) return 'runs on'
    const [hours] = format.apart(has.low, facts.outageHoursTolerated, format.number, 1)
    return `at least ${hours} h`
  },
}

/** Hours to copy back what is away after the worst single failure; null when nothing can be copied yet. */
function outageHours({ brief, pools, network, machine, bytesOf }: Given): Amount<'h'> | null {
  const away = new Set(machine.awayIds)
  const total = dataNowBytes(brief)
  const worst = pools.reduce((most, pool) => {
    const members = poolState(pool, away).groups.flatMap(({ driveIds }) => driveIds)
    return members.reduce((more, id) => {
      const { state, groups } = poolState(pool, new Set([...away, id]))
      const isParity = groups.some(({ parityIds = [] }) => parityIds.includes(id))
      // Parity that is only run now and then brings files back; it does not stand in for them meanwhile.
      const isOff = pool.family === 'scheduled-parity' && !isParity
      const lost =
        state === 'down' ? Infinity : state === 'partly away' || isOff ? (bytesOf.get(id) ?? 0) : 0
      return Math.max(more, lost)
    }, most)
  }, 0)
  if (worst === 0) return exactly(0, 'h')
  // Nobody has said what there is to copy back, so nobody knows how long it takes.
  if (total === 0) return exactly(0, 'h', [{ pieceId: null, field: 'data' }])
  const { bytesPerSecond } = scenarioRates({ brief, pools, network }, machine, copyIn)
  if (bytesPerSecond === 0) return null
  return exactly(Math.min(worst, total) / bytesPerSecond / SECONDS_PER_HOUR, 'h')
}
