import type { BayId } from '../bays'
import { NEWEST_SATA, pcieBytesPerSecond, sataBytesPerSecond } from '../linkRates'
import type { Piece, PieceId } from '../piece'
import type { Solver } from '../solver'
import type { DataCable } from '../wiring/connectorAllocator'
import type { DataEnd } from '../wiring/dataEnds'
import type { PortHost } from '../wiring/portHosts'
import type { DataWiring } from '../wiring/wireData'
import type { FixedLinks, HostWay } from './fixedLinks'
import type { DrivePath, Link, LinkId, NetworkPath } from './link'
import { platterLink } from './platterLink'
import { usbRate } from './usbRate'

export interface Links {
  links: Link[]
  drivePaths: DrivePath[]
  networkPaths: readonly NetworkPath[]
}

/** The links of a drive and its way over them, and what they were made from. */
interface OwnLinks {
  drive: Piece
  host: HostWay
  cableId: string
  connector: number
  /** The end of its cable, where a chip behind it shares the lanes. */
  sharedEnd: DataEnd | null
  links: Link[]
  /** The cable to that chip, a link of its own. */
  wide: Link | null
  path: DrivePath
}

interface LinksGiven {
  fixed: FixedLinks
  byId: ReadonlyMap<PieceId, Piece>
  data: DataWiring
  /** The bays in their order, with the drives in them. */
  bays: readonly { id: BayId }[]
  driveIn: ReadonlyMap<BayId, PieceId>
  solver: Solver
}

/**
 * Every link of a machine and the way of every drive and network port over them.
 *
 * Drives come bay by bay, then those in sockets and USB ports.
 */
export function linksOf({ fixed, byId, data, bays, driveIn, solver }: LinksGiven): Links {
  const { board, upper, hosts } = fixed
  if (!board) return { links: [], drivePaths: [], networkPaths: [] }
  const links = [...upper]
  const shared = new Map<LinkId, Link>()
  const pathOf = new Map<PieceId, DrivePath>()
  const ownLinks = solver.renewed('links of drives', (before?: ReadonlyMap<PieceId, OwnLinks>) =>
    linksOfDrives(data, board, byId, hosts, before),
  )
  for (const [driveId, own] of ownLinks) {
    links.push(...own.links)
    if (own.wide) shared.set(own.wide.id, own.wide)
    pathOf.set(driveId, own.path)
  }
  links.push(...shared.values(), ...fixed.own)
  const drivePaths: DrivePath[] = []
  for (const { id } of bays) {
    const path = pathOf.get(driveIn.get(id) ?? '')
    if (path) drivePaths.push(path)
  }
  drivePaths.push(...fixed.drivePaths)
  return { links, drivePaths, networkPaths: fixed.networkPaths }
}

/** The links of each drive on a cable, the very same as before where it hangs on the same port. */
function linksOfDrives(
  { ports, cables }: DataWiring,
  board: Piece<'board'>,
  byId: ReadonlyMap<PieceId, Piece>,
  hosts: FixedLinks['hosts'],
  before: ReadonlyMap<PieceId, OwnLinks> | undefined,
): Map<PieceId, OwnLinks> {
  const cableOf = new Map<string, DataCable>()
  for (const cable of cables) cableOf.set(cable.id, cable)
  const found = new Map<PieceId, OwnLinks>()
  for (const { driveId, cableId, connector } of ports) {
    const drive = byId.get(driveId)
    const cable = cableOf.get(cableId)
    const host = hosts.get(cable?.hostId ?? '')
    if (drive?.dataSheet.kind !== 'drive' || !cable || !host) continue
    const [end] = cable.ends
    const sharedEnd = end?.isShared ? end : null
    // Board and boxes need not be compared: a host is another one as soon as any piece is.
    let own = before?.get(driveId)
    if (
      own?.drive !== drive ||
      own.host !== host ||
      own.cableId !== cableId ||
      own.connector !== connector ||
      own.sharedEnd !== sharedEnd
    ) {
      const links = driveLinks(drive as Piece<'drive'>, host.host, connector)
      const wide = sharedEnd && sharedLink(cableId, sharedEnd, host.host, connector, board, byId)
      const way = [...links, ...(wide ? [wide] : [])].map(({ id }) => id)
      const path = { driveId, links: [...way, ...host.way] }
      own = { drive, host, cableId, connector, sharedEnd, links, wide, path }
    }
    found.set(driveId, own)
  }
  return found
}

/** The cable to a plug behind which a chip shares the lanes: an enclosure, some backplanes. */
function sharedLink(
  cableId: string,
  end: DataEnd,
  host: PortHost,
  connector: number,
  board: Piece<'board'>,
  byId: ReadonlyMap<PieceId, Piece>,
): Link {
  const box = end.plug === 'USB' && 'piece' in end.ref ? byId.get(end.ref.piece) : undefined
  const lanes = Math.min(host.lanes, end.lanes)
  return {
    kind: 'cable',
    id: `cable ${cableId}`,
    name: `cable to ${end.name}`,
    ...(box
      ? usbRate(board, box)
      : {
          bytesPerSecond: (host.laneRates[connector - 1] ?? 0) * lanes,
          reason: `${lanes} lanes, shared by all its bays`,
          known: true,
        }),
    partIds: [host.pieceId],
  }
}

/** A drive's platters, and the lane that it hangs on. */
function driveLinks(drive: Piece<'drive'>, host: PortHost, connector: number): Link[] {
  const lane = host.laneRates[connector - 1] ?? 0
  const { plug } = drive.dataSheet
  // A SATA drive is no quicker for being on a SAS port; an NVMe drive has all lanes of its plug.
  const rates = {
    SAS: lane,
    NVMe: pcieBytesPerSecond(drive.dataSheet.pcieGeneration ?? 3, host.lanes),
    SATA: Math.min(lane, sataBytesPerSecond(NEWEST_SATA)),
    USB: lane,
  }
  const speaks = plug ?? 'SATA'
  const own = rates[speaks]
  return [
    platterLink(drive),
    {
      kind: 'port',
      id: `port-${drive.id}`,
      name: `port ${connector} of ${host.name}`,
      bytesPerSecond: own,
      reason: `${speaks}, ${String(own / 1e6)} MB/s`,
      known: true,
      partIds: [drive.id],
    },
  ]
}
