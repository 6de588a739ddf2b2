import { type DataPlug, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import type { DataPortsOffer } from '../../catalogue/offers'
import type { PortRef } from '../../design/pathChoices'
import {
  sasBytesPerSecond,
  sataBytesPerSecond,
  usbBytesPerSecond,
  USUAL_USB_BITS_PER_SECOND,
} from '../linkRates'
import { inKindOrder, type Piece, type PiecesByKind, type PieceId } from '../piece'

/** Something that drives are attached to: connectors of one kind on one piece. */
export interface PortHost {
  /** For looking it up; never taken apart. */
  id: string
  pieceId: PieceId
  name: string
  /** Null when its data sheet does not say. */
  plug: DataPlug | null
  takesSas: boolean
  takesNvme: boolean
  /** What one lane moves, for each connector, bytes a second. Connectors are counted from 1. */
  laneRates: number[]
  /** Lanes of one connector. */
  lanes: number
  /** The host that an expander hangs on. */
  behindId: string | null
}

export const hostId = (pieceId: PieceId, plug: DataPlug | null): string =>
  `${pieceId} ${plug ?? 'a plug not known'}`

export interface HostsGiven {
  /** SATA ports of the board that M.2 devices silence, and USB ports that devices take. */
  silencedSataPorts: number
  usbPortsTaken: number
  /** Cards that found no place: nothing hangs on them. */
  withoutPlace: ReadonlySet<PieceId>
  names: ReadonlyMap<PieceId, string>
}

/**
 * Everything that has ports for drives, controllers before the board.
 *
 * An expander takes one connector of the SAS host that has most of them.
 */
export function portHosts(pieces: PiecesByKind, given: HostsGiven): PortHost[] {
  const all = inKindOrder(pieces)
  const [board] = pieces.board ?? []
  const cards = all.filter(({ id }) => id !== board?.id && !given.withoutPlace.has(id))
  const own = cards.flatMap((piece) =>
    portsOf(piece)
      .filter(({ behindController }) => !behindController)
      .map((ports) => hostOf(piece, ports, given)),
  )
  const onBoard = board ? boardHosts(board, given) : []
  const expanders = cards.flatMap((piece) =>
    portsOf(piece)
      .filter(({ behindController }) => behindController)
      .flatMap((ports) => behind(piece, ports, [...own, ...onBoard], given)),
  )
  return [...own, ...expanders, ...onBoard]
}

const portsOf = ({ offers }: Piece): DataPortsOffer[] =>
  offers.filter((offer) => offer.kind === 'data port')

function hostOf(
  piece: Piece,
  { plug, takesSas, takesNvme, sataGenerations }: DataPortsOffer,
  { names }: Pick<HostsGiven, 'names'>,
): PortHost {
  return {
    id: hostId(piece.id, plug),
    pieceId: piece.id,
    name: names.get(piece.id) ?? piece.dataSheet.model,
    plug,
    takesSas: takesSas === true,
    takesNvme: takesNvme === true,
    laneRates: sataGenerations.map((generation) =>
      takesSas === true ? sasBytesPerSecond(plug) : sataBytesPerSecond(generation),
    ),
    lanes: plug === null ? 1 : DRIVES_PER_DATA_PLUG[plug],
    behindId: null,
  }
}

/** An expander on the widest of the hosts, which loses a connector to it; none where no host speaks SAS. */
function behind(
  piece: Piece,
  ports: DataPortsOffer,
  hosts: readonly PortHost[],
  given: HostsGiven,
): PortHost[] {
  const [above] = hosts
    .filter(({ takesSas, lanes, laneRates }) => takesSas && lanes > 1 && laneRates.length > 0)
    .sort((one, other) => other.laneRates.length - one.laneRates.length)
  if (!above) return []
  above.laneRates.pop()
  const rate = Math.min(sasBytesPerSecond(ports.plug), sasBytesPerSecond(above.plug))
  // One of its own connectors goes up to the controller.
  const connectors = Math.max(0, ports.sataGenerations.length - 1)
  return [
    {
      ...hostOf(piece, ports, given),
      takesSas: true,
      laneRates: Array<number>(connectors).fill(rate),
      lanes: above.lanes,
      behindId: above.id,
    },
  ]
}

function boardHosts(board: Piece<'board'>, given: HostsGiven): PortHost[] {
  const named = { names: new Map([[board.id, 'the board']]) }
  const hosts = portsOf(board).map((ports) => hostOf(board, ports, named))
  // Data sheets give how many ports go dead beside an M.2 device, not which; the last ones are taken.
  const sata = hosts.find(({ plug }) => plug === 'SATA')
  sata?.laneRates.splice(Math.max(0, sata.laneRates.length - given.silencedSataPorts))
  const usbPorts = board.offers.reduce(
    (sum, offer) => sum + (offer.kind === 'USB port' ? (offer.count ?? 0) : 0),
    0,
  )
  const usbLeft = Math.max(0, usbPorts - given.usbPortsTaken)
  return [
    ...hosts,
    {
      id: hostId(board.id, 'USB'),
      pieceId: board.id,
      name: 'USB of the board',
      plug: 'USB',
      takesSas: false,
      takesNvme: false,
      laneRates: Array<number>(usbLeft).fill(
        usbBytesPerSecond(board.dataSheet.usbBitsPerSecond ?? USUAL_USB_BITS_PER_SECOND),
      ),
      lanes: 1,
      behindId: null,
    },
  ]
}

/** Whether a port is one of this host. */
export function isPortOf(host: PortHost, port: PortRef): boolean {
  return host.pieceId === port.pieceId && host.plug === port.plug
}
