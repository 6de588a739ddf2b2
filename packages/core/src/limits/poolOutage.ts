import { certain } from '../units/certain'
import { dataNowBytes } from '../design/brief'
import type { Pool } from '../design/pools/pools'
import type { Given } from '../judging/given'
import { scenarioRates } from '../paths/scenarioRates'
import { copyIn } from '../paths/scenarios/copyIn'
import { membersAway, poolState } from '../pool/poolState'
import { type Amount, exactly } from '../units/amount'
import { SECONDS_PER_HOUR } from '../units/time'

/**
 * How long are the files of a pool away after one more drive dies?
 *
 * Not at all where redundancy stands in for it, else as long as copying back takes, of no more than can live there.
 * Finding and fitting a new drive comes on top.
 *
 * @returns hours; null while nothing can be copied
 */
export function poolOutage(
  { brief, pools, network, tenants, machine, bytesOf, capacity }: Given,
  pool: Pool,
): Amount<'h'> | null {
  const away = membersAway(machine)
  const members = poolState(pool, away).groups.flatMap(({ driveIds }) => driveIds)
  const worstBytes = members.reduce((most, id) => {
    const { state, groups } = poolState(pool, new Set([...away, id]))
    const isParity = groups.some(({ parityIds = [] }) => parityIds.includes(id))
    // Parity that is only run now and then brings files back; it does not stand in for them meanwhile.
    const isOff = pool.family === 'scheduled-parity' && !isParity
    const lost =
      state === 'down' ? Infinity : state === 'partly away' || isOff ? certain(bytesOf.get(id)) : 0
    return Math.max(most, lost)
  }, 0)
  if (worstBytes === 0) return exactly(0, 'h')
  const home = capacity.housing.homes.find(({ poolId }) => poolId === pool.id)
  const livesThere = home?.mostNowBytes
  if (!livesThere) {
    // Nobody has said what there is to copy back, so nobody knows how long it takes.
    return dataNowBytes(brief) === 0
      ? exactly(0, 'h', [{ pieceId: null, field: 'data' }])
      : exactly(0, 'h')
  }
  const choice = { groupId: null, readers: null, poolId: pool.id }
  const design = { brief, pools, network, tenants }
  const { bytesPerSecond } = scenarioRates(design, machine, copyIn, choice)
  if (bytesPerSecond === 0) return null
  return exactly(Math.min(worstBytes, livesThere) / bytesPerSecond / SECONDS_PER_HOUR, 'h')
}
