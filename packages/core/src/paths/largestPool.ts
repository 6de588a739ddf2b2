import { certain } from '../units/certain'
import type { Pool } from '../design/pools/pools'
import type { Reader } from '../design/readers'
import { driveSizes } from '../machine/driveSizes'
import type { Machine } from '../machine/machine'
import { sumOf } from '../pool/familyCapacity'
import type { ScenarioDesign } from './scenarios/scenario'

/**
 * The pool whose drives hold most, of those that are not for scratch; of equal ones the first by its id, which no
 * reordering changes. Scratch is only read where nothing else is there.
 */
export function largestPool(
  { pools, tenants }: Pick<ScenarioDesign, 'pools' | 'tenants'>,
  machine: Machine,
): Pool | undefined {
  const bytesOf = driveSizes(machine)
  const holds = ({ groups }: Pool): number =>
    sumOf(groups.flatMap(({ driveIds }) => driveIds.map((id) => certain(bytesOf.get(id)))))
  const isScratch = ({ id }: Pool): number => Number(tenants.scratchPoolIds.includes(id))
  return [...pools].sort(
    (one, other) =>
      isScratch(one) - isScratch(other) ||
      holds(other) - holds(one) ||
      (one.id < other.id ? -1 : 1),
  )[0]
}

/** The pool that a reader reads from: its own, or else the largest. */
export function poolOfReader(
  reader: Pick<Reader, 'poolId'>,
  pools: readonly Pool[],
  largest: Pool | undefined,
): Pool | undefined {
  return pools.find(({ id }) => id === reader.poolId) ?? largest
}
