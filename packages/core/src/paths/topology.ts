import type { BayPlan, DriveInPlace } from '../design/bayUse'
import type { DesignDocument } from '../design/document'
import { fittedOfKind, fittedOne, type FittedWithSheet } from '../design/fittedParts'
import { cardsOf } from '../fit/cards'
import { networkPaths } from './networkPaths'
import { type CardLink, CHIPSET, type NetworkPath, type PathLink } from './pathLink'
import {
  pcieBytesPerSecond,
  SATA_BYTES_PER_SECOND,
  USB_BYTES_PER_SECOND,
  USUAL_DRIVE_BYTES_PER_SECOND,
} from './linkRates'
import type { Placement } from './placeCards'
import { placementsOf } from './placements'
import type { PortHost } from './wiring/portHosts'
import type { DataCable } from './wiring/hostBench'
import { wiringOf } from './wiring/wiring'

/** The way of a drive to the CPU, the nearest link first. */
export interface DrivePath {
  driveId: string
  links: string[]
}

export interface Topology {
  links: PathLink[]
  drives: DrivePath[]
  network: NetworkPath[]
  /** Drives that no port is left for. */
  unreachedIds: string[]
  /** Where the cards are; null without a board that gives its slots. */
  placement: Placement | null
}

/** What a chipset's link to the CPU has when no data sheet says it. Common practice, no source. */
const USUAL_UPLINK = { lanes: 4, pcieGeneration: 3 }

/** What a card in an M.2 socket has when no data sheet says it. Common practice, no source. */
const USUAL_M2_LANES = 2

/**
 * Every link of a machine and the way of every drive and network port over them.
 *
 * Cards sit where `placementsOf` puts them, cables go where `wiringOf` does.
 */
export function topologyOf(document: DesignDocument, bays: BayPlan): Topology {
  const board = fittedOne(document, 'board')
  const links: PathLink[] = []
  const drives: DrivePath[] = []
  if (!board) return { links, drives, network: [], unreachedIds: [], placement: null }
  links.push(chipsetLink(board))
  const placement = placementsOf(document)[0] ?? null
  const cardLinks = [...slotLinks(document, board, placement), ...m2AndUsbLinks(document)]
  links.push(...cardLinks.map(({ link }) => link))

  const wiring = wiringOf(document, bays)
  const above = hostLinks(document, wiring.hosts, cardLinks)
  links.push(...above.flatMap(({ own }) => own))
  const shared = new Map<string, PathLink>()
  for (const { driveId, cable, connector } of wiring.data.ports) {
    const drive = bays.bays.find((use) => use.drive?.part.id === driveId)?.drive
    if (!drive) continue
    const own = driveLinks(drive, cable, connector)
    const wide = sharedLink(cable, connector)
    if (wide) shared.set(wide.id, wide)
    const way = above.find(({ hostId }) => hostId === cable.host.id)?.way ?? []
    links.push(...own)
    drives.push({
      driveId,
      links: [...own.map(({ id }) => id), ...(wide ? [wide.id] : []), ...way],
    })
  }
  links.push(...shared.values())
  const order = new Map(bays.bays.flatMap(({ drive }, at) => (drive ? [[drive.part.id, at]] : [])))
  drives.sort((one, other) => (order.get(one.driveId) ?? 0) - (order.get(other.driveId) ?? 0))
  const { network, networkLinks } = networkPaths(document, cardLinks)
  links.push(...networkLinks)
  return { links, drives, network, unreachedIds: wiring.data.unreachedIds, placement }
}

function chipsetLink(board: FittedWithSheet<'board'>): PathLink {
  const { chipsetLanes, chipsetPcieGeneration } = board.sheet
  const known = chipsetLanes !== null && chipsetPcieGeneration !== null
  const lanes = chipsetLanes ?? USUAL_UPLINK.lanes
  const generation = chipsetPcieGeneration ?? USUAL_UPLINK.pcieGeneration
  return {
    id: CHIPSET,
    name: 'chipset to CPU',
    bytesPerSecond: pcieBytesPerSecond(generation, lanes),
    reason: known
      ? `×${lanes} of generation ${generation}, shared by everything behind the chipset`
      : `not on the data sheet; ×${lanes} of generation ${generation} assumed`,
    known,
    partIds: [board.part.id],
  }
}

function slotLinks(
  document: DesignDocument,
  board: FittedWithSheet<'board'>,
  placement: Placement | null,
): CardLink[] {
  const cards = cardsOf(document)
  return (placement?.placed ?? []).flatMap(
    ({ cardId, slot, lanes, pcieGeneration, bytesPerSecond }) => {
      const card = cards.find(({ part }) => part.id === cardId)
      const origin = board.sheet.slots?.[slot]?.origin
      if (!card) return []
      const id = `slot-${slot + 1}`
      const link: PathLink = {
        id,
        name: `slot ${slot + 1}, ${card.sheet.model}`,
        bytesPerSecond,
        reason: `×${lanes} of generation ${pcieGeneration}, from the ${origin ?? 'CPU'}`,
        known: card.sheet.lanes !== null && card.sheet.pcieGeneration !== null,
        partIds: [cardId],
      }
      return [{ partId: cardId, link, way: origin === 'chipset' ? [id, CHIPSET] : [id] }]
    },
  )
}

/** Controllers that sit in an M.2 socket or hang on USB; both are behind the chipset. */
function m2AndUsbLinks(document: DesignDocument): CardLink[] {
  return fittedOfKind(document, 'controller').flatMap(({ part, sheet }) => {
    if (sheet.sitsIn !== 'M.2' && sheet.sitsIn !== 'USB') return []
    const generation = sheet.pcieGeneration ?? USUAL_UPLINK.pcieGeneration
    const isUsb = sheet.sitsIn === 'USB'
    const link: PathLink = {
      id: `socket-${part.id}`,
      name: `${isUsb ? 'USB' : 'M.2'}, ${sheet.model}`,
      bytesPerSecond: isUsb ? USB_BYTES_PER_SECOND : pcieBytesPerSecond(generation, USUAL_M2_LANES),
      reason: isUsb
        ? '5 Gb/s USB assumed'
        : `×${USUAL_M2_LANES} of generation ${generation} assumed`,
      known: false,
      partIds: [part.id],
    }
    return [{ partId: part.id, link, way: [link.id, CHIPSET] }]
  })
}

/** What is above the ports of each host, up to the CPU, with the links that are its own. */
function hostLinks(
  document: DesignDocument,
  hosts: readonly PortHost[],
  cardLinks: readonly CardLink[],
): { hostId: string; own: PathLink[]; way: string[] }[] {
  const boardId = fittedOne(document, 'board')?.part.id
  const wayOf = (partId: string): string[] =>
    partId === boardId ? [CHIPSET] : (cardLinks.find((one) => one.partId === partId)?.way ?? [])
  return hosts.map(({ id, partId, name, behindId, laneRates, lanes }) => {
    if (behindId === null) return { hostId: id, own: [], way: wayOf(partId) }
    const [laneRate = 0] = laneRates
    const up: PathLink = {
      id: `expander-${id}`,
      name: `${name} to its controller`,
      bytesPerSecond: laneRate * lanes,
      reason: `${lanes} lanes of SAS, shared by all drives on the expander`,
      known: true,
      partIds: [partId],
    }
    return { hostId: id, own: [up], way: [up.id, ...wayOf(behindId)] }
  })
}

/** The cable to a plug behind which a chip shares the lanes: an enclosure, some backplanes. */
function sharedLink({ host, ends, id }: DataCable, connector: number): PathLink | null {
  const [end] = ends
  if (!end?.isShared) return null
  const lanes = Math.min(host.lanes, end.lanes)
  return {
    id: `cable-${id}`,
    name: `cable to ${end.name}`,
    bytesPerSecond: (host.laneRates[connector - 1] ?? 0) * lanes,
    reason: end.plug === 'USB' ? '5 Gb/s USB assumed' : `${lanes} lanes, shared by all its bays`,
    known: end.plug !== 'USB',
    partIds: [host.partId],
  }
}

/** A drive's platters, and the lane that it hangs on. */
function driveLinks(
  { part, sheet }: DriveInPlace,
  cable: DataCable,
  connector: number,
): PathLink[] {
  const { host } = cable
  const rate = sheet.outerRateBytesPerSecond
  const lane = host.laneRates[connector - 1] ?? 0
  // A SATA drive is no quicker for being on a SAS port.
  const isSas = sheet.plug === 'SAS'
  const own = isSas ? lane : Math.min(lane, SATA_BYTES_PER_SECOND[3] ?? lane)
  return [
    {
      id: `drive-${part.id}`,
      name: sheet.model,
      bytesPerSecond: rate ?? USUAL_DRIVE_BYTES_PER_SECOND,
      reason: rate === null ? 'not on the data sheet; 150 MB/s assumed' : 'at its outer edge',
      known: rate !== null,
      partIds: [part.id],
    },
    {
      id: `port-${part.id}`,
      name: `port ${connector} of ${host.name}`,
      bytesPerSecond: own,
      reason: `${isSas ? 'SAS' : 'SATA'}, ${String(own / 1e6)} MB/s`,
      known: true,
      partIds: [part.id],
    },
  ]
}
