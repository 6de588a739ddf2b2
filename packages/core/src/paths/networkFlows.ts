import type { Pool } from '../design/pools/pools'
import { driveSizes } from '../machine/driveSizes'
import { familyOf } from '../pool/families'
import { COPY_SHARE } from '../machine/linkRates'
import { directedLinks, type Direction } from './directedLinks'
import type { Flow } from './maxMinFair'
import { sharedUses } from './sharedUses'
import type { Machine } from '../machine/machine'

/**
 * One large file for each of so many readers, from or to the largest pool, wherever it stands in the design.
 *
 * Readers take the network ports in turn and never more than one each, however many are joined. Where a file
 * lies over many drives all of them carry their part, and it is no quicker than the drives that hold data;
 * where it lies on one drive, each reader has a drive of its own as long as there are enough.
 *
 * @param loadOf what the drives move for each byte of a file: 1 for reading, more where parity is written
 * @param direction of the files: out to readers, or in from another machine
 * @returns none without a pool, a network port or a drive that is reached
 */
export function networkFlows(
  { pools }: { pools: readonly Pool[] },
  machine: Machine,
  readers: number,
  loadOf: (pool: Pool, members: number) => number = () => 1,
  direction: Direction = 'out',
): Flow[] {
  const { drivePaths, networkPaths, links } = machine
  const pool = largestOf(pools, driveSizes(machine))
  const wayOf = new Map(drivePaths.map(({ driveId, links: way }) => [driveId, way]))
  const members = (pool?.groups ?? [])
    .filter(({ kind }) => kind !== 'spare' && kind !== 'parity')
    .flatMap(({ driveIds }) => driveIds.filter((id) => wayOf.has(id)))
  if (!pool || networkPaths.length === 0 || members.length === 0) return []
  const rateOf = new Map(links.map(({ id, bytesPerSecond }) => [id, bytesPerSecond]))
  const slowest = Math.min(...members.map((id) => rateOf.get(wayOf.get(id)?.[0] ?? '') ?? 0))
  const { streamingDrives } = familyOf(pool).traits(pool)
  const load = loadOf(pool, members.length)
  const directed = directedLinks(links)
  return Array.from({ length: readers }, (_, index) => {
    const own = members[index % members.length] ?? ''
    const carrying = streamingDrives > 1 ? members : [own]
    return {
      id: `reader ${index + 1}`,
      uses: sharedUses(directed, [
        ...carrying.map((id) => ({
          links: wayOf.get(id) ?? [],
          direction: direction === 'out' ? ('in' as const) : ('out' as const),
          share: load / carrying.length,
        })),
        {
          links: networkPaths[index % networkPaths.length]?.links ?? [],
          direction,
          share: 1 / COPY_SHARE,
        },
      ]),
      mostBytesPerSecond: slowest * Math.max(1, streamingDrives),
    }
  })
}

/** The pool whose drives hold most; of equal ones the first by its id, which no reordering changes. */
function largestOf(pools: readonly Pool[], bytesOf: ReadonlyMap<string, number>): Pool | undefined {
  const holds = ({ groups }: Pool): number =>
    groups.reduce(
      (sum, { driveIds }) => driveIds.reduce((more, id) => more + (bytesOf.get(id) ?? 0), sum),
      0,
    )
  return [...pools].sort(
    (one, other) => holds(other) - holds(one) || (one.id < other.id ? -1 : 1),
  )[0]
}
