import type { Pool } from '../design/pools/pools'
import { driveSizes } from '../machine/driveSizes'
import type { Machine } from '../machine/machine'

/** The pool whose drives hold most; of equal ones the first by its id, which no reordering changes. */
export function largestPool(pools: readonly Pool[], machine: Machine): Pool | undefined {
  const bytesOf = driveSizes(machine)
  const holds = ({ groups }: Pool): number =>
    groups.reduce(
      (sum, { driveIds }) => driveIds.reduce((more, id) => more + (bytesOf.get(id) ?? 0), sum),
      0,
    )
  return [...pools].sort(
    (one, other) => holds(other) - holds(one) || (one.id < other.id ? -1 : 1),
  )[0]
}
