import { ethernetBytesPerSecond, PCI_BYTES_PER_SECOND, pcieBytesPerSecond } from '../linkRates'
import { networkPorts } from '../networkPorts'
import type { Piece, PiecesByKind, PieceId } from '../piece'
import type { PlacedDevice, Placement } from '../placement/placeDevices'
import type { Device } from '../placement/places'
import type { PortHost } from '../wiring/portHosts'
import { CHIPSET, type DrivePath, type Link, type LinkId, type NetworkPath, PCI_BUS } from './link'
import { platterLink } from './platterLink'
import { usbRate } from './usbRate'

/** What a chipset's link to the CPU has when no data sheet says it. Common practice, no source. */
const USUAL_UPLINK = { lanes: 4, pcieGeneration: 3 }

/** What says which links there are wherever drives are put. */
export interface FixedGiven {
  pieces: PiecesByKind
  byId: ReadonlyMap<PieceId, Piece>
  placement: Placement
  /** Cards that pass lanes on through a chip, which all that sits on them share. */
  devices: readonly Device[]
  /** Devices on USB ports of the board. */
  usb: readonly { pieceId: PieceId }[]
  hosts: readonly PortHost[]
  names: ReadonlyMap<PieceId, string>
}

/** Links that are there wherever drives are put, and the ways over them. */
export interface FixedLinks {
  board: Piece<'board'> | undefined
  /** From the chipset to what has ports for drives. */
  upper: Link[]
  hosts: ReadonlyMap<string, HostWay>
  /** Of drives in sockets and on USB, and of network ports. */
  own: Link[]
  drivePaths: DrivePath[]
  networkPaths: NetworkPath[]
}

/** The links of a machine but for those of drives in bays, which are another matter each time a drive is moved. */
export function fixedLinks(given: FixedGiven): FixedLinks {
  const { pieces, byId } = given
  const [board] = pieces.board ?? []
  if (!board) {
    return { board, upper: [], hosts: new Map(), own: [], drivePaths: [], networkPaths: [] }
  }
  const ways = placeWays(given)
  const wayOf = (pieceId: PieceId): LinkId[] | undefined =>
    pieceId === board.id ? [CHIPSET] : ways.get(pieceId)?.way
  const hosts = hostWays(given.hosts, byId, wayOf)
  const own: Link[] = []
  const drivePaths = (pieces.drive ?? []).flatMap((drive): DrivePath[] => {
    const way = ways.get(drive.id)?.way
    if (!way) return []
    const cells = platterLink(drive)
    own.push(cells)
    return [{ driveId: drive.id, links: [cells.id, ...way] }]
  })
  const networkPaths = networkPorts(pieces).flatMap((port): NetworkPath[] => {
    const way = wayOf(port.partId)
    // A card without a slot moves nothing.
    if (!way) return []
    const id = `network ${port.id}`
    const name = `network port of ${given.names.get(port.partId) ?? port.model}`
    own.push({
      kind: 'network',
      id,
      name,
      bytesPerSecond: ethernetBytesPerSecond(port.bitsPerSecond),
      reason: `${String(port.bitsPerSecond / 1e9)} Gb/s, less the headers of Ethernet and TCP`,
      known: true,
      partIds: [port.partId],
    })
    return [{ id, name, port, links: [id, ...way] }]
  })
  return {
    board,
    upper: [
      chipsetLink(board),
      ...(given.placement.placed.some(({ bus }) => bus === 'PCI') ? [pciLink(board)] : []),
      ...[...ways.values(), ...hosts.values()].flatMap((way) => way.own),
    ],
    hosts,
    own,
    drivePaths,
    networkPaths,
  }
}

function chipsetLink(board: Piece<'board'>): Link {
  const { chipsetLanes, chipsetPcieGeneration } = board.dataSheet
  const known = chipsetLanes !== null && chipsetPcieGeneration !== null
  const lanes = chipsetLanes ?? USUAL_UPLINK.lanes
  const generation = chipsetPcieGeneration ?? USUAL_UPLINK.pcieGeneration
  return {
    kind: 'chipset',
    id: CHIPSET,
    name: 'chipset to CPU',
    bytesPerSecond: pcieBytesPerSecond(generation, lanes),
    reason: known
      ? `×${lanes} of generation ${generation}, shared by everything behind the chipset`
      : `not on the data sheet; ×${lanes} of generation ${generation} assumed`,
    known,
    partIds: [board.id],
  }
}

/** What all plain PCI slots of a board share. */
const pciLink = (board: Piece<'board'>): Link => ({
  kind: 'PCI bus',
  id: PCI_BUS,
  name: 'plain PCI slots',
  bytesPerSecond: PCI_BYTES_PER_SECOND,
  reason: '32 bits at 33 MHz, shared by all plain PCI slots',
  known: true,
  partIds: [board.id],
})

interface Way {
  own: Link[]
  /** The link itself, and those above it up to the CPU. */
  way: LinkId[]
}

/** The way of everything in a slot, in a socket or on USB. */
function placeWays(given: FixedGiven): Map<PieceId, Way> {
  const { placement, byId, usb } = given
  const ways = new Map<PieceId, Way>()
  const passing = new Set(
    given.devices.flatMap(({ pieceId, gives, splitsLanes }) =>
      gives > 0 && !splitsLanes ? [pieceId] : [],
    ),
  )
  for (const placed of placement.placed) {
    const piece = byId.get(placed.pieceId)
    if (!piece) continue
    const link = placeLink(placed, piece, given)
    const above = [
      ...(placed.bus === 'PCI' ? [PCI_BUS] : []),
      ...(placed.origin === 'chipset' ? [CHIPSET] : []),
    ]
    const through = passing.has(placed.on.pieceId) ? (ways.get(placed.on.pieceId)?.way ?? []) : null
    ways.set(placed.pieceId, { own: [link], way: [link.id, ...(through ?? above)] })
  }
  for (const { pieceId: id } of usb) {
    const piece = byId.get(id)
    if (!piece) continue
    const link: Link = {
      kind: 'USB',
      id: `USB ${id}`,
      name: `USB · ${piece.dataSheet.model}`,
      ...usbRate(given.pieces.board?.[0], piece),
      partIds: [id],
    }
    ways.set(id, { own: [link], way: [link.id, CHIPSET] })
  }
  return ways
}

function placeLink(placed: PlacedDevice, piece: Piece, given: FixedGiven): Link {
  const { pieceId, root, on, origin, bus, lanes, pcieGeneration, bytesPerSecond } = placed
  const host = given.byId.get(on.pieceId)
  const place =
    host?.kind === 'board'
      ? `${root.kind === 'slot' ? 'slot' : 'M.2'} ${root.number}`
      : `${root.kind === 'slot' ? 'slot' : 'M.2'} ${root.number}, ${on.kind} ${on.number} of ${host?.dataSheet.model ?? ''}`
  const need = piece.needs.find((one) => one.kind === 'slot' || one.kind === 'M.2')
  const isPci = bus === 'PCI'
  const known = isPci || (need?.lanes !== null && need?.pcieGeneration !== null)
  const isSata = need?.kind === 'M.2' && need.speaks === 'SATA'
  return {
    kind: root.kind,
    // Slots of the board go by their number; what sits elsewhere by what it is.
    id:
      host?.kind === 'board' && root.kind === 'slot'
        ? `slot-${root.number}`
        : `${place} ${pieceId}`,
    name: `${place} · ${piece.dataSheet.model}`,
    bytesPerSecond,
    reason: isPci
      ? 'plain PCI, shared by all slots of it'
      : isSata
        ? `SATA, ${String(bytesPerSecond / 1e6)} MB/s`
        : `×${lanes} of generation ${pcieGeneration}, from the ${origin}${known || need.kind === 'slot' ? '' : ', assumed'}`,
    known: isSata || known,
    partIds: [pieceId],
  }
}

export interface HostWay extends Way {
  host: PortHost
}

/** What is above the ports of each host, up to the CPU, with the links that are its own. */
function hostWays(
  hosts: readonly PortHost[],
  byId: ReadonlyMap<PieceId, Piece>,
  wayOf: (pieceId: PieceId) => LinkId[] | undefined,
): Map<string, HostWay> {
  const found = new Map<string, HostWay>()
  for (const host of hosts) {
    const { id, pieceId, name, behindId, laneRates, lanes } = host
    const above = behindId === null ? undefined : hosts.find((one) => one.id === behindId)
    const chip = chipLink(byId.get(pieceId))
    const own = chip ? [chip] : []
    const through = own.map((link) => link.id)
    if (!above) {
      found.set(id, { host, own, way: [...through, ...(wayOf(pieceId) ?? [])] })
      continue
    }
    const up: Link = {
      kind: 'expander',
      id: `expander ${id}`,
      name: `${name} to its controller`,
      bytesPerSecond: (laneRates[0] ?? 0) * lanes,
      reason: `${lanes} lanes of SAS, shared by all drives on the expander`,
      known: true,
      partIds: byId.has(pieceId) ? [pieceId] : [],
    }
    const aboveChip = chipLink(byId.get(above.pieceId))
    found.set(id, {
      host,
      own: [...own, up],
      way: [
        ...through,
        up.id,
        ...(aboveChip ? [aboveChip.id] : []),
        ...(wayOf(above.pieceId) ?? []),
      ],
    })
  }
  return found
}

/** A controller whose own chip moves less than its ports and its slot; all that hangs on it goes through it. */
function chipLink(piece: Piece | undefined): Link | null {
  if (piece?.dataSheet.kind !== 'controller') return null
  const { maxBytesPerSecond, model } = piece.dataSheet
  if (maxBytesPerSecond === null) return null
  return {
    kind: 'controller',
    id: `chip of ${piece.id}`,
    name: `chip of ${model}`,
    bytesPerSecond: maxBytesPerSecond,
    reason: 'the most that its own chip moves, as its data sheet has it',
    known: true,
    partIds: [piece.id],
  }
}
