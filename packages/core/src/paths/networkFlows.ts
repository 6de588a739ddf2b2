import type { Pool } from '../design/pools/pools'
import { driveSizes } from '../machine/driveSizes'
import { familyOf } from '../pool/families'
import { COPY_SHARE } from '../machine/linkRates'
import { directedLinks, type Direction } from './directedLinks'
import type { Flow } from './maxMinFair'
import { sharedUses, type SharedWay } from './sharedUses'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'

/**
 * One large file for each of so many readers, from or to the largest pool, wherever it stands in the design.
 *
 * Readers take the network ports in turn and never more than one each, however many are joined. Where a file
 * lies over many drives all of them carry their part, and it is no quicker than the drives that hold data;
 * where it lies on one drive, each reader has a drive of its own as long as there are enough. What is written goes
 * to copies and parity too, each as its family does.
 *
 * @param direction of the files: out to readers, or in from another machine
 * @returns none without a pool, a network port or a drive that is reached
 */
export function networkFlows(
  { pools }: { pools: readonly Pool[] },
  machine: Machine,
  readers: number,
  direction: Direction = 'out',
): Flow[] {
  const { drivePaths, networkPaths, links } = machine
  const pool = largestOf(pools, driveSizes(machine))
  const wayOf = new Map(drivePaths.map(({ driveId, links: way }) => [driveId, way]))
  const reached = (wanted: (kind: string) => boolean): PieceId[] =>
    (pool?.groups ?? [])
      .filter(({ kind }) => wanted(kind))
      .flatMap(({ driveIds }) => driveIds.filter((id) => wayOf.has(id)))
  const members = reached((kind) => kind !== 'spare' && kind !== 'parity')
  if (!pool || networkPaths.length === 0 || members.length === 0) return []
  const rateOf = new Map(links.map(({ id, bytesPerSecond }) => [id, bytesPerSecond]))
  const slowest = Math.min(...members.map((id) => rateOf.get(wayOf.get(id)?.[0] ?? '') ?? 0))
  const { streamingDrives, writing } = familyOf(pool).traits(pool)
  // A group with fewer members than parity takes can hold nothing, so nothing can be written to it.
  const isTaken = writing.loadEach > 0 && writing.loadEach < Infinity
  if (direction === 'in' && !isTaken) return []
  const directed = directedLinks(links)
  const inTurn = (index: number, count: number): PieceId[] =>
    Array.from({ length: count }, (_, at) => members[(index + at) % members.length] ?? '')
  const way = (id: PieceId, to: Direction, share: number): SharedWay => ({
    links: wayOf.get(id) ?? [],
    direction: to,
    share,
  })
  const reads = (index: number): SharedWay[] => {
    const carrying = streamingDrives > 1 ? members : inTurn(index, 1)
    return carrying.map((id) => way(id, 'in', 1 / carrying.length))
  }
  const writes = (index: number): SharedWay[] => {
    const { drives, loadEach, parityLoadEach } = writing
    const carrying = drives === 'all' ? members : inTurn(index, drives)
    const parity = reached((kind) => parityLoadEach > 0 && kind === 'parity')
    return [
      ...carrying.map((id) => way(id, 'out', loadEach)),
      ...parity.map((id) => way(id, 'out', parityLoadEach)),
    ]
  }
  return Array.from({ length: readers }, (_, index) => {
    const port = networkPaths[index % networkPaths.length]
    return {
      id: `reader ${index + 1}`,
      uses: sharedUses(directed, [
        ...(direction === 'out' ? reads(index) : writes(index)),
        { links: port?.links ?? [], direction, share: 1 / COPY_SHARE },
      ]),
      // Of what is read, each drive has more than its part at hand; what is written all of them must take.
      mostBytesPerSecond: direction === 'out' ? slowest * Math.max(1, streamingDrives) : Infinity,
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
