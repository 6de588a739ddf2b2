import type { BayId } from '../bays'
import { NEWEST_SATA, pcieBytesPerSecond, sataBytesPerSecond } from '../linkRates'
import type { Piece, PieceId } from '../piece'
import type { Solver } from '../solver'
import type { DataCable } from '../wiring/connectorAllocator'
import type { PortHost } from '../wiring/portHosts'
import type { DataWiring } from '../wiring/wireData'
import type { FixedLinks } from './fixedLinks'
import type { DrivePath, Link, LinkId, NetworkPath } from './link'
import { platterLink } from './platterLink'
import { usbRate } from './usbRate'

export interface Links {
  links: Link[]
  drivePaths: DrivePath[]
  networkPaths: readonly NetworkPath[]
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
  for (const { driveId, cableId, connector } of data.ports) {
    const drive = byId.get(driveId)
    const cable = cableOf.get(cableId)
    const host = cable && hosts.get(cable.hostId)
    if (drive?.dataSheet.kind !== 'drive' || !cable || !host) continue
    const own = solver.stage(`links of ${driveId}`, [drive, host.host, connector], () =>
      driveLinks(drive as Piece<'drive'>, host.host, connector),
    )
    const wide = sharedLink(cable, host.host, connector, board, byId)
    if (wide) shared.set(wide.id, wide)
    const way: LinkId[] = []
    for (const link of own) {
      links.push(link)
      way.push(link.id)
    }
    if (wide) way.push(wide.id)
    way.push(...host.way)
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
