import { sharedPlace } from '../../catalogue/kinds/board'
import type { M2Need, SlotNeed } from '../../catalogue/needs'
import type { Offer, PassedOnOffer } from '../../catalogue/offers'
import type { PathChoices } from '../../design/pathChoices'
import { ethernetBytesPerSecond, USUAL_DRIVE_BYTES_PER_SECOND } from '../linkRates'
import {
  type Fitting,
  fittingOf,
  inKindOrder,
  type Piece,
  type PiecesByKind,
  type PieceId,
} from '../piece'
import type { Device, Place, PlacementProblem } from './places'

/** A card whose edge no data sheet gives. The shortest that such cards have; common practice, no source. */
const USUAL_LANES = 4
/** A riser whose data sheet gives no lanes. Common practice, no source. */
const USUAL_RISER_LANES = 16
/** Sockets and devices of which no data sheet gives lanes or generation. Common practice, no source. */
export const USUAL_M2 = { lanes: 4, cardLanes: 2, pcieGeneration: 3 } as const
const USUAL_PCIE_GENERATION = 3

/** Of what a device passes on, lanes and generation come from the place it sits in. */
const WHATEVER_IT_SITS_IN = { electricalLanes: 16, pcieGeneration: 7, origin: 'CPU' } as const

export interface Unplaceable {
  pieceId: PieceId
  /** The piece whose data sheet lacks what must be known, and what that is. */
  lacks: { pieceId: PieceId; what: 'slots' | 'M.2 sockets' | 'key or protocol' }
}

/**
 * What wants a slot or a socket, and what there is, with what the builder has fixed.
 *
 * @param pins whether what is fixed counts
 */
export function placementProblem(
  pieces: PiecesByKind,
  fittings: ReadonlyMap<PieceId, Fitting>,
  paths: Pick<PathChoices, 'cardPins' | 'm2Pins'>,
  pins: boolean,
): { problem: PlacementProblem; unplaceable: Unplaceable[] } {
  const [board] = pieces.board ?? []
  const all = wanting(pieces)
  if (!board) return { problem: { places: [], devices: [], sharing: [] }, unplaceable: [] }
  const unplaceable: Unplaceable[] = []
  const { slots, m2Sockets, sharing } = board.dataSheet
  const driveNeeds = driveNeedsOf(pieces, fittings)
  const devices: Device[] = []
  const passedOn: Place[] = []
  for (const { piece, need } of all) {
    const lacks = lackOf(need, slots !== null, m2Sockets !== null)
    if (lacks) {
      const lacking = lacks === 'key or protocol' ? piece.id : board.id
      unplaceable.push({ pieceId: piece.id, lacks: { pieceId: lacking, what: lacks } })
      continue
    }
    const given = piece.offers.find((offer) => offer.kind === 'passed on')
    if (given) passedOn.push(...placesOn(piece.id, given, devices.length))
    devices.push(deviceOf(piece, need, given, driveNeeds, pins ? pinOf(piece.id, paths) : null))
  }
  const cpuGeneration = Math.min(
    ...(pieces.cpu ?? []).flatMap(({ dataSheet }) => dataSheet.pcieGeneration ?? []),
  )
  const places = [
    ...board.offers.flatMap((offer) => boardPlace(board.id, offer, cpuGeneration)),
    ...passedOn,
  ]
  const counted = { slot: 0, 'M.2': 0 }
  for (const place of places) {
    if (place.giver === null) place.number = counted[place.kind] += 1
  }
  return {
    problem: {
      places,
      devices,
      sharing: (sharing ?? []).map(({ inUse, loses, lanesLeft }) => {
        return { inUse: sharedPlace(inUse), loses: sharedPlace(loses), lanesLeft }
      }),
    },
    unplaceable,
  }
}

interface Wanting {
  piece: Piece
  need: SlotNeed | M2Need
}

/** What passes places on first, since others may go into those; then kind by kind. */
function wanting(pieces: PiecesByKind): Wanting[] {
  const found = inKindOrder(pieces).flatMap((piece) =>
    piece.needs.flatMap((need): Wanting[] =>
      need.kind === 'slot' || need.kind === 'M.2' ? [{ piece, need }] : [],
    ),
  )
  const gives = ({ piece }: Wanting): boolean =>
    piece.offers.some((offer) => offer.kind === 'passed on')
  return [...found.filter(gives), ...found.filter((one) => !gives(one))]
}

function lackOf(
  need: SlotNeed | M2Need,
  slotsKnown: boolean,
  socketsKnown: boolean,
): Unplaceable['lacks']['what'] | null {
  if (need.kind === 'slot') return slotsKnown ? null : 'slots'
  if (need.speaks === null || need.keys === null) return 'key or protocol'
  return socketsKnown ? null : 'M.2 sockets'
}

function pinOf(
  pieceId: PieceId,
  { cardPins, m2Pins }: Pick<PathChoices, 'cardPins' | 'm2Pins'>,
): number | null {
  const slot = cardPins.find(({ cardId }) => cardId === pieceId)?.slot
  return slot ?? m2Pins.find(({ deviceId }) => deviceId === pieceId)?.socket ?? null
}

const NO_SOCKET = { key: null, carries: 'both', silencesSataPorts: 0 } as const
const NO_SLOT = { bus: 'PCIe', physicalLanes: 0, openEnd: false, splitsInto: null } as const

/** @param cpuGeneration what comes from the CPU is no quicker than the CPU, whatever the board could do */
function boardPlace(pieceId: PieceId, offer: Offer, cpuGeneration: number): Place[] {
  const atMost = (generation: number, origin: Place['origin']): number =>
    origin === 'CPU' ? Math.min(generation, cpuGeneration) : generation
  if (offer.kind === 'slot') {
    const pcieGeneration = atMost(offer.pcieGeneration, offer.origin)
    return [{ ...NO_SOCKET, ...offer, pcieGeneration, pieceId, number: 0, giver: null }]
  }
  if (offer.kind !== 'M.2') return []
  return [
    {
      ...NO_SLOT,
      ...offer,
      pieceId,
      number: 0,
      giver: null,
      electricalLanes: offer.lanes ?? USUAL_M2.lanes,
      pcieGeneration: atMost(
        offer.pcieGeneration ?? USUAL_M2.pcieGeneration,
        offer.origin ?? 'chipset',
      ),
      origin: offer.origin ?? 'chipset',
    },
  ]
}

function placesOn(pieceId: PieceId, { places }: PassedOnOffer, giver: number): Place[] {
  return places.map((place, index) => ({
    ...NO_SLOT,
    ...NO_SOCKET,
    ...WHATEVER_IT_SITS_IN,
    ...place,
    pieceId,
    number: index + 1,
    giver,
  }))
}

function deviceOf(
  { id }: Piece,
  need: SlotNeed | M2Need,
  given: PassedOnOffer | undefined,
  driveNeeds: DriveNeeds,
  pin: number | null,
): Device {
  const usualM2 = need.moves === null ? USUAL_M2.lanes : USUAL_M2.cardLanes
  const usualSlot = given ? USUAL_RISER_LANES : USUAL_LANES
  const usualLanes = need.kind === 'M.2' ? usualM2 : usualSlot
  return {
    pieceId: id,
    kind: need.kind,
    bus: need.kind === 'slot' ? need.bus : 'PCIe',
    lanes: need.lanes ?? usualLanes,
    // A riser passes on whatever the slot speaks.
    pcieGeneration: need.pcieGeneration ?? (given ? 7 : USUAL_PCIE_GENERATION),
    speaks: need.kind === 'M.2' ? (need.speaks ?? 'PCIe') : 'PCIe',
    keys: need.kind === 'M.2' ? (need.keys ?? []) : [],
    needBytesPerSecond: driveNeeds(need.moves),
    gives: given?.places.length ?? 0,
    splitsLanes: given?.lanes === 'split',
    needsSplit: need.kind === 'slot' && need.needsSplit === true,
    pin,
  }
}

type DriveNeeds = (moves: SlotNeed['moves']) => number

/**
 * What each must move, so that nothing behind it waits: a controller as many drives as it has ports and the
 * design has drives in bays, at the mean of their outer rates; a network card all its ports.
 */
function driveNeedsOf(
  { drive = [] }: PiecesByKind,
  fittings: ReadonlyMap<PieceId, Fitting>,
): DriveNeeds {
  const inBays = drive.filter(({ id }) => fittingOf(fittings, id).bay !== null)
  const total = inBays.reduce(
    (sum, { dataSheet }) =>
      sum + (dataSheet.outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND),
    0,
  )
  let left = inBays.length
  return (moves) => {
    if (moves === null) return 0
    if ('network' in moves) {
      const { bitsPerSecond, ports } = moves.network
      return bitsPerSecond === null ? 0 : ports * ethernetBytesPerSecond(bitsPerSecond)
    }
    const taken = Math.min(moves.drives, left)
    left -= taken
    return inBays.length === 0 ? 0 : (taken * total) / inBays.length
  }
}
