import type { BayId } from '../bays'
import { NEWEST_SATA, pcieBytesPerSecond, sataBytesPerSecond } from '../linkRates'
import type { Piece, PieceId } from '../piece'
import type { Solver } from '../solver'
import type { DataCable } from '../wiring/connectorAllocator'
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

/** The links of a drive, and what they were made from. */
interface OwnLinks {
  drive: Piece
  host: HostWay
  connector: number
  links: Link[]
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
  const cableOf = new Map<string, DataCable>()
  for (const cable of data.cables) cableOf.set(cable.id, cable)
  const pathOf = new Map<PieceId, DrivePath>()
  const ownLinks = solver.renewed('links of drives', (before?: ReadonlyMap<PieceId, OwnLinks>) =>
    linksOfDrives(data, cableOf, byId, hosts, before),
  )
  for (const { driveId, cableId, connector } of data.ports) {
    const own = ownLinks.get(driveId)
    const cable = cableOf.get(cableId)
    if (!own || !cable) continue
    const wide = sharedLink(cable, own.host.host, connector, board, byId)
    if (wide) shared.set(wide.id, wide)
    const way: LinkId[] = []
    for (const link of own.links) {
      links.push(link)
      way.push(link.id)
    }
    if (wide) way.push(wide.id)
    way.push(...own.host.way)
    pathOf.set(driveId, { driveId, links: way })
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
  { ports }: DataWiring,
  cableOf: ReadonlyMap<string, DataCable>,
  byId: ReadonlyMap<PieceId, Piece>,
  hosts: FixedLinks['hosts'],
  before: ReadonlyMap<PieceId, OwnLinks> | undefined,
): Map<PieceId, OwnLinks> {
  const found = new Map<PieceId, OwnLinks>()
  for (const { driveId, cableId, connector } of ports) {
    const drive = byId.get(driveId)
    const host = hosts.get(cableOf.get(cableId)?.hostId ?? '')
    if (drive?.dataSheet.kind !== 'drive' || !host) continue
    let own = before?.get(driveId)
    if (own?.drive !== drive || own.host !== host || own.connector !== connector) {
      const links = driveLinks(drive as Piece<'drive'>, host.host, connector)
      own = { drive, host, connector, links }
    }
    found.set(driveId, own)
  }
  return found
}

/** The cable to a plug behind which a chip shares the lanes: an enclosure, some backplanes. */
function sharedLink(
  { ends, id }: DataCable,
  host: PortHost,
  connector: number,
  board: Piece<'board'>,
  byId: ReadonlyMap<PieceId, Piece>,
): Link | null {
  const [end] = ends
  if (!end?.isShared) return null
  const box = end.plug === 'USB' && 'piece' in end.ref ? byId.get(end.ref.piece) : undefined
  const lanes = Math.min(host.lanes, end.lanes)
  return {
    kind: 'cable',
    id: `cable ${id}`,
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
