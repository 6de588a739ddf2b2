import type { Pool } from '../design/pools/pools'
import type { Reader } from '../design/readers'
import { driveSizes } from '../machine/driveSizes'
import { COPY_SHARE } from '../machine/linkRates'
import type { Link, NetworkPath } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { familyOf } from '../pool/families'
import type { Writing } from '../pool/layoutFamily'
import { streamRate } from '../pool/streamRate'
import { directedLinks, type Direction } from './directedLinks'
import type { Flow } from './maxMinFair'
import { readerLink } from './readerLink'
import { readerPaths } from './readerPaths'
import type { DriveLoad, ScenarioDesign } from './scenarios/scenario'
import { sharedUses, type SharedWay } from './sharedUses'

/** Reading, writing whole files, or changing pieces inside files. */
export type FileWork = 'read' | 'write' | 'write pieces'

/** One large file on its way between a reader and a pool. */
export interface FileFlow extends Flow {
  pool: Pool
  path: NetworkPath
  /** What each drive moves for a byte of the file. */
  drives: DriveLoad[]
}

export interface FileFlows {
  flows: FileFlow[]
  /** The readers' own links. */
  links: Link[]
}

/**
 * One large file for each of some readers, from or to a pool.
 *
 * Where a file lies over many drives all of them carry their part, and it is no quicker than the drives that hold
 * data; where it lies on one drive, each reader has a drive of its own as long as there are enough. What is written
 * goes to copies and parity too, each as its family does. The slower end of the network holds a reader back.
 *
 * @param poolId the pool that all read from; null for the one that each of them says, or the largest
 * @returns no flow for a reader without a pool, a network port or a drive that is reached
 */
export function fileFlows(
  { pools, network }: Pick<ScenarioDesign, 'pools' | 'network'>,
  machine: Machine,
  readers: readonly Reader[],
  work: FileWork = 'read',
  poolId: string | null = null,
): FileFlows {
  const links = readers.flatMap((reader) => readerLink(reader) ?? [])
  const linkOf = new Map(readers.map((reader) => [reader, readerLink(reader)]))
  const directed = directedLinks([...machine.links, ...links])
  const rateOf = new Map(machine.links.map(({ id, bytesPerSecond }) => [id, bytesPerSecond]))
  const wayOf = new Map(machine.drivePaths.map(({ driveId, links: way }) => [driveId, way]))
  const paths = readerPaths(readers, machine.networkPaths, network)
  const largest = largestPool(pools, machine)
  const turns = new Map<Pool, number>()
  const direction: Direction = work === 'read' ? 'out' : 'in'
  const flows = readers.flatMap((reader, index): FileFlow[] => {
    const path = paths[index]
    const pool = pools.find(({ id }) => id === (poolId ?? reader.poolId)) ?? largest
    if (!pool || !path) return []
    const turn = turns.get(pool) ?? 0
    turns.set(pool, turn + 1)
    const { streamingDrives, writing, writingInPieces } = familyOf(pool).traits(pool)
    const drives =
      work === 'read'
        ? readLoads(pool, wayOf, streamingDrives, turn)
        : writeLoads(
            pool,
            wayOf,
            work === 'write' || hasSafeCache(pool, machine) ? writing : writingInPieces,
            turn,
          )
    if (drives.length === 0) return []
    const own = linkOf.get(reader)
    const ways = drives.map(({ driveId, load, reads }): SharedWay => {
      const links = wayOf.get(driveId) ?? []
      return { links, direction: work === 'read' || reads ? 'in' : 'out', share: load }
    })
    const ends = [...path.links, ...(own ? [own.id] : [])]
    const slowest = Math.min(
      ...membersOf(pool, wayOf).map((id) => rateOf.get(wayOf.get(id)?.[0] ?? '') ?? 0),
    )
    return [
      {
        id: reader.id,
        uses: sharedUses(directed, [...ways, { links: ends, direction, share: 1 / COPY_SHARE }]),
        // Of what is read, each drive has more than its part at hand; what is written all of them must take.
        mostBytesPerSecond:
          work === 'read' ? streamRate(slowest, Math.max(1, streamingDrives)) : Infinity,
        pool,
        path,
        drives,
      },
    ]
  })
  return { flows, links }
}

type Ways = ReadonlyMap<PieceId, readonly string[]>

/** Drives of a pool that are reached and hold data, or data and parity. */
function membersOf({ groups }: Pool, wayOf: Ways): PieceId[] {
  return reachedOf(
    groups.filter(({ kind }) => kind !== 'spare' && kind !== 'parity'),
    wayOf,
  )
}

function reachedOf(groups: readonly { driveIds: readonly PieceId[] }[], wayOf: Ways): PieceId[] {
  return groups.flatMap(({ driveIds }) => driveIds.filter((id) => wayOf.has(id)))
}

function inTurn(members: readonly PieceId[], from: number, count: number): PieceId[] {
  return Array.from({ length: count }, (_, at) => members[(from + at) % members.length] ?? '')
}

function readLoads(pool: Pool, wayOf: Ways, streamingDrives: number, turn: number): DriveLoad[] {
  const members = membersOf(pool, wayOf)
  if (members.length === 0) return []
  const carrying = streamingDrives > 1 ? members : inTurn(members, turn, 1)
  return carrying.map((driveId) => ({ driveId, load: 1 / carrying.length }))
}

function writeLoads(pool: Pool, wayOf: Ways, writing: Writing, turn: number): DriveLoad[] {
  const members = membersOf(pool, wayOf)
  const { drives, loadEach, parityLoadEach, othersLoadEach } = writing
  // A group with fewer members than parity takes can hold nothing, so nothing can be written to it.
  if (members.length === 0 || !(loadEach > 0 && loadEach < Infinity)) return []
  const carrying = drives === 'all' ? members : inTurn(members, turn, drives)
  const parity = reachedOf(
    pool.groups.filter(({ kind }) => parityLoadEach > 0 && kind === 'parity'),
    wayOf,
  )
  const others = othersLoadEach > 0 ? members.filter((id) => !carrying.includes(id)) : []
  return [
    ...carrying.map((driveId) => ({ driveId, load: loadEach })),
    ...parity.map((driveId) => ({ driveId, load: parityLoadEach })),
    ...others.map((driveId) => ({ driveId, load: othersLoadEach, reads: true })),
  ]
}

/**
 * Whether a card gathers pieces into full stripes before it writes them: it makes the stripes itself, and keeps what
 * it has gathered through a power cut. Common practice, no source.
 */
function hasSafeCache(pool: Pool, machine: Machine): boolean {
  if (pool.family !== 'fixed-stripes') return false
  const { hosts, cables, ports } = machine.wiring.data
  const hostOf = new Map(cables.map(({ id, hostId }) => [id, hostId]))
  return pool.groups.every(({ driveIds }) =>
    driveIds.every((driveId) => {
      const cableId = ports.find((port) => port.driveId === driveId)?.cableId
      const host = hosts.find(({ id }) => id === hostOf.get(cableId ?? ''))
      const sheet = machine.pieces.get(host?.pieceId ?? '')?.dataSheet
      return (
        sheet?.kind === 'controller' &&
        sheet.controllerType === 'RAID card' &&
        sheet.writeCache === 'protected'
      )
    }),
  )
}

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
