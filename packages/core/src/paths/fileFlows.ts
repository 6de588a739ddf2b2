import type { Pool } from '../design/pools/pools'
import type { Reader } from '../design/readers'
import { COPY_SHARE } from '../machine/linkRates'
import type { Link, NetworkPath } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import { directedLinks, type Direction } from './directedLinks'
import { largestPool, poolOfReader } from './largestPool'
import type { Flow } from './maxMinFair'
import { type FileWork, poolLoads, type PoolLoads } from './poolLoads'
import { readerLink } from './readerLink'
import { readerPaths } from './readerPaths'
import type { DriveLoad, ScenarioDesign } from './scenarios/scenario'
import { sharedUses, type SharedWay } from './sharedUses'

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
 * What drives carry of it is `poolLoads`; on the network the slower of the machine's port and the reader's own link
 * holds it back.
 *
 * @param poolId the pool that all read from; null for the one that each of them says, or the largest
 * @returns no flow for a reader without a pool, a network port or a drive that is reached
 */
export function fileFlows(
  { pools, network, tenants }: Pick<ScenarioDesign, 'pools' | 'network' | 'tenants'>,
  machine: Machine,
  readers: readonly Reader[],
  work: FileWork = 'read',
  poolId: string | null = null,
): FileFlows {
  const ownLinks = readers.map(readerLink)
  const links = ownLinks.flatMap((link) => link ?? [])
  const directed = directedLinks([...machine.links, ...links])
  const paths = readerPaths(readers, machine.networkPaths, network)
  const wayOf = new Map(machine.drivePaths.map(({ driveId, links: way }) => [driveId, way]))
  const loadsOf = new Map<Pool, PoolLoads>()
  const turns = new Map<Pool, number>()
  const largest = largestPool({ pools, tenants }, machine)
  const direction: Direction = work === 'read' ? 'out' : 'in'
  const flows = readers.flatMap((reader, index): FileFlow[] => {
    const path = paths[index]
    const pool = poolOfReader({ poolId: poolId ?? reader.poolId }, pools, largest)
    if (!pool || !path) return []
    const loads = loadsOf.get(pool) ?? poolLoads(pool, machine, wayOf, work)
    loadsOf.set(pool, loads)
    const turn = turns.get(pool) ?? 0
    turns.set(pool, turn + 1)
    const drives = loads.loadsOf(turn)
    if (drives.length === 0) return []
    const own = ownLinks[index]
    const ways = drives.map(({ driveId, load, reads }): SharedWay => {
      const isRead = work === 'read' || reads === true
      return { links: wayOf.get(driveId) ?? [], direction: isRead ? 'in' : 'out', share: load }
    })
    const ends = [...path.links, ...(own ? [own.id] : [])]
    return [
      {
        id: reader.id,
        uses: sharedUses(directed, [...ways, { links: ends, direction, share: 1 / COPY_SHARE }]),
        mostBytesPerSecond: loads.mostBytesPerSecond,
        pool,
        path,
        drives,
      },
    ]
  })
  return { flows, links }
}
