import type { BayPlan, DriveInPlace } from '../design/bayUse'
import type { DesignDocument } from '../design/document'
import { fittedOfKind, fittedOne, type FittedWithSheet } from '../design/fittedParts'
import { boardSataPorts, m2DevicesOf, placeInM2 } from '../fit/m2Devices'
import { cardsOf } from '../fit/cards'
import { networkPaths } from './networkPaths'
import { type CardLink, CHIPSET, type NetworkPath, type PathLink } from './pathLink'
import {
  pcieBytesPerSecond,
  SAS_BYTES_PER_SECOND,
  SATA_BYTES_PER_SECOND,
  USB_BYTES_PER_SECOND,
  USUAL_DRIVE_BYTES_PER_SECOND,
} from './linkRates'
import { cardNeeds } from './cardNeeds'
import { type Placement, placeCards } from './placeCards'

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
 * Drives take the ports of controllers first, in the order of the bays and of the cards, then those of the
 * board: which cable goes where is not chosen yet. Cards sit where `placeCards` puts them.
 */
export function topologyOf(document: DesignDocument, { bays }: BayPlan): Topology {
  const board = fittedOne(document, 'board')
  const links: PathLink[] = []
  const drives: DrivePath[] = []
  const unreachedIds: string[] = []
  if (!board) return { links, drives, network: [], unreachedIds, placement: null }
  links.push(chipsetLink(board))
  const placement = placementsOf(document)[0] ?? null
  const cardLinks = [...slotLinks(document, board, placement), ...m2AndUsbLinks(document)]
  links.push(...cardLinks.map(({ link }) => link))

  const ports = [...controllerPorts(document, cardLinks), ...boardPorts(document, board)]
  for (const { drive } of bays) {
    if (!drive) continue
    const at = ports.findIndex(({ takesSas }) => takesSas || drive.sheet.plug !== 'SAS')
    const [port] = at === -1 ? [] : ports.splice(at, 1)
    if (!port) {
      unreachedIds.push(drive.part.id)
      continue
    }
    const own = driveLinks(drive, port.bytesPerSecond, port.name)
    links.push(...own)
    drives.push({ driveId: drive.part.id, links: [...own.map(({ id }) => id), ...port.above] })
  }
  const { network, networkLinks } = networkPaths(document, board, cardLinks)
  links.push(...networkLinks)
  return { links, drives, network, unreachedIds, placement }
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

/** How many ways to place the cards are offered. */
const OFFERED_WAYS = 4

const kept = new WeakMap<DesignDocument, Placement[]>()

/**
 * The best ways to place the cards, the best first; none without a board that gives its slots.
 *
 * A rule, the drawings and the paths ask the same of one document, which never changes.
 */
export function placementsOf(document: DesignDocument): Placement[] {
  const placements = kept.get(document) ?? findPlacements(document)
  kept.set(document, placements)
  return placements
}

function findPlacements(document: DesignDocument): Placement[] {
  const sheet = fittedOne(document, 'board')?.sheet
  if (!sheet?.slots) return []
  const usedM2 = placeInM2(sheet.m2Sockets ?? [], m2DevicesOf(document)).socketOf.flatMap((at) =>
    at === null ? [] : [`m2-${at + 1}`],
  )
  const { slots, sharing } = sheet
  return placeCards(slots, cardNeeds(document), sharing ?? [], usedM2, {}, OFFERED_WAYS)
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

interface Port {
  name: string
  bytesPerSecond: number
  takesSas: boolean
  above: string[]
}

function controllerPorts(document: DesignDocument, cardLinks: readonly CardLink[]): Port[] {
  return fittedOfKind(document, 'controller').flatMap(({ part, sheet }) => {
    const way = cardLinks.find(({ partId }) => partId === part.id)?.way
    if (!way) return []
    const takesSas = sheet.takesSas === true
    return Array.from({ length: sheet.drivePorts }, () => ({
      name: sheet.model,
      bytesPerSecond: takesSas ? SAS_BYTES_PER_SECOND : (SATA_BYTES_PER_SECOND[3] ?? 0),
      takesSas,
      above: way,
    }))
  })
}

/** SATA ports of the board, the quick ones first; they are behind the chipset. */
function boardPorts(document: DesignDocument, { sheet }: FittedWithSheet<'board'>): Port[] {
  const { working } = boardSataPorts(document)
  const generations = [...(sheet.sataGenerations ?? [])].sort((one, other) => other - one)
  return Array.from({ length: working }, (_, index) => {
    const generation = generations[index] ?? 3
    return {
      name: 'the board',
      bytesPerSecond: SATA_BYTES_PER_SECOND[generation] ?? 0,
      takesSas: false,
      above: [CHIPSET],
    }
  })
}

/** A drive's platters, and the port that it hangs on. */
function driveLinks(
  { part, sheet }: DriveInPlace,
  portBytesPerSecond: number,
  portName: string,
): PathLink[] {
  const rate = sheet.outerRateBytesPerSecond
  // A SATA drive is no quicker for being on a SAS port.
  const drivePort =
    sheet.plug === 'SAS'
      ? portBytesPerSecond
      : Math.min(portBytesPerSecond, SATA_BYTES_PER_SECOND[3] ?? portBytesPerSecond)
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
      name: `port on ${portName}`,
      bytesPerSecond: drivePort,
      reason: `${sheet.plug === 'SAS' ? 'SAS' : 'SATA'}, ${String(drivePort / 1e6)} MB/s`,
      known: true,
      partIds: [part.id],
    },
  ]
}
