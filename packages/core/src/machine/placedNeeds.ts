import { isTray } from '../catalogue/kinds/cage'
import { NEED_KINDS, type NeedKind } from '../catalogue/needs'
import type { Bay, BayBlock, BayId } from './bays'
import { placeInOpenings } from './openings'
import { type Fitting, fittingOf, type Piece, type PiecesByKind, type PieceId } from './piece'
import type { Placement } from './placement/placeDevices'
import type { Unplaceable } from './placement/placementProblem'
import type { DataWiring } from './wiring/wireData'
import type { PowerWiring } from './wiring/wirePower'

/** A need of a piece, and what it is met by. */
export interface PlacedNeed {
  pieceId: PieceId
  need: NeedKind
  /** The piece that offers it, and which of its offers of that kind, counted from 1. */
  on: { pieceId: PieceId; number: number }
}

/**
 * `none left`: there are too few, or none that fits. `not put in`: the builder has not said where.
 * `not known`: a data sheet lacks what must be known.
 */
export type WhyUnplaced = 'none left' | 'not put in' | 'not known'

export interface UnplacedNeed {
  pieceId: PieceId
  need: NeedKind
  why: WhyUnplaced
  /** Pieces that want the same and cannot all have it, this one among them; empty where that says nothing. */
  conflictIds: PieceId[]
}

export interface Needs {
  placed: PlacedNeed[]
  unplaced: UnplacedNeed[]
}

/** Needs by what is needed, so that who asks for sockets need not look again when a drive changes its bay. */
export type ByNeed<Some> = Readonly<Record<NeedKind, readonly Some[]>>

export interface NeedsByKind {
  placed: ByNeed<PlacedNeed>
  unplaced: ByNeed<UnplacedNeed>
}

/** All of them in one list. */
export const allNeeds = <Some>(needs: ByNeed<Some>): Some[] =>
  NEED_KINDS.flatMap((kind) => needs[kind])

/** USB devices in the ports of the board, as far as they go, in the order they were added. */
export function placeOnUsb(pieces: readonly Piece[]): Needs {
  return inOrder(pieces, 'USB port', pieces)
}

/** Needs that are met alike wherever drives are put. */
export const STEADY_NEEDS = NEED_KINDS.filter(
  (kind) => kind !== 'bay' && kind !== 'data port' && kind !== 'power plug',
)

interface SteadyGiven {
  pieces: readonly Piece[]
  ofKind: PiecesByKind
  fittings: ReadonlyMap<PieceId, Fitting>
  placement: Placement
  unplaceable: readonly Unplaceable[]
  conflictIds: readonly PieceId[]
  usb: Needs
}

/** What of `STEADY_NEEDS` is met, and by what. */
export function steadyNeeds(given: SteadyGiven): NeedsByKind {
  const { pieces, ofKind, fittings, usb } = given
  const parts = [
    openings(ofKind),
    inOrder(pieces, 'CPU socket', pieces),
    inOrder(pieces, 'memory slot', pieces),
    fanHeaders({ pieces, ofKind }),
    mains(pieces, fittings),
    usb,
    places(given),
  ]
  return {
    placed: byNeed(parts.map(({ placed }) => placed)),
    unplaced: byNeed(parts.map(({ unplaced }) => unplaced)),
  }
}

interface NeedsGiven {
  pieces: readonly Piece[]
  /** From `steadyNeeds`. */
  steady: NeedsByKind
  driveIn: ReadonlyMap<BayId, PieceId>
  bays: readonly Bay[]
  blocks: readonly BayBlock[]
  bayOfTray: ReadonlyMap<PieceId, BayId>
  data: DataWiring
  power: PowerWiring | null
}

/** What every piece needs of the others, and what it got. */
export function placedNeeds(given: NeedsGiven): NeedsByKind {
  const { placed, unplaced } = given.steady
  const [bay, data, power] = [bays(given), dataPorts(given), powerPlugs(given)]
  return {
    placed: {
      ...placed,
      bay: bay.placed,
      'data port': data.placed,
      'power plug': power.placed,
    },
    unplaced: {
      ...unplaced,
      bay: bay.unplaced,
      'data port': data.unplaced,
      'power plug': power.unplaced,
    },
  }
}

/** Lists of needs, sorted by what is needed. */
export function byNeed<Some extends { need: NeedKind }>(parts: readonly Some[][]): ByNeed<Some> {
  const found = {} as Record<NeedKind, Some[]>
  for (const kind of NEED_KINDS) found[kind] = []
  for (const part of parts) for (const one of part) found[one.need].push(one)
  return found
}

type Countable = 'CPU socket' | 'memory slot' | 'USB port' | 'fan header'

/** Needs of one kind dealt out in order, as far as what is offered goes; a socket must be the one asked for. */
function inOrder(wanting: readonly Piece[], kind: Countable, all: readonly Piece[]): Needs {
  const offered: { pieceId: PieceId; number: number; socket: string | null }[] = []
  let isKnown = true
  for (const { id, offers } of all) {
    let number = 0
    for (const offer of offers) {
      if (offer.kind !== kind) continue
      if (offer.count === null) isKnown = false
      for (let index = 0; index < (offer.count ?? 0); index += 1) {
        number += 1
        offered.push({ pieceId: id, number, socket: 'socket' in offer ? offer.socket : null })
      }
    }
  }
  const placed: PlacedNeed[] = []
  const unplaced: UnplacedNeed[] = []
  for (const { id, needs } of wanting) {
    for (const need of needs) {
      if (need.kind !== kind) continue
      const count = 'count' in need ? need.count : 1
      if (count === null) {
        unplaced.push({ pieceId: id, need: kind, why: 'not known', conflictIds: [] })
      }
      for (let index = 0; index < (count ?? 0); index += 1) {
        const at = offered.findIndex(
          ({ socket }) => socket === null || ('socket' in need && need.socket === socket),
        )
        const [found] = at === -1 ? [] : offered.splice(at, 1)
        if (found) {
          const on = { pieceId: found.pieceId, number: found.number }
          placed.push({ pieceId: id, need: kind, on })
        } else {
          const why = isKnown ? 'none left' : 'not known'
          unplaced.push({ pieceId: id, need: kind, why, conflictIds: [] })
        }
      }
    }
  }
  return { placed, unplaced }
}

/** Coolers first, since a CPU without air stops; then the case, then what is added. */
function fanHeaders({ pieces, ofKind }: Pick<SteadyGiven, 'pieces' | 'ofKind'>): Needs {
  const coolers = new Set<Piece>(ofKind.cooler ?? [])
  const rest = pieces.filter((piece) => !coolers.has(piece))
  return inOrder([...coolers, ...rest], 'fan header', pieces)
}

function openings(ofKind: PiecesByKind): Needs {
  const found = placeInOpenings(ofKind)
  const chassis = ofKind.chassis?.[0]
  const all = chassis?.dataSheet.openings525 ?? null
  const cages = (ofKind.cage ?? []).filter(({ dataSheet }) => !isTray(dataSheet))
  return {
    placed: cages.flatMap(({ id }) =>
      (found.get(id) ?? []).map((opening) => ({
        pieceId: id,
        need: 'opening' as const,
        on: { pieceId: chassis?.id ?? '', number: (all?.indexOf(opening) ?? -1) + 1 },
      })),
    ),
    unplaced: cages
      .filter(({ id }) => !found.has(id))
      .map(({ id }) => ({
        pieceId: id,
        need: 'opening' as const,
        why: all === null ? ('not known' as const) : ('none left' as const),
        conflictIds: [],
      })),
  }
}

function bays({ pieces, driveIn, bays: all, bayOfTray, blocks }: NeedsGiven): Needs {
  const placed: PlacedNeed[] = []
  for (const { id, pieceId, number } of all) {
    const driveId = driveIn.get(id)
    if (driveId !== undefined)
      placed.push({ pieceId: driveId, need: 'bay', on: { pieceId, number } })
  }
  for (const { trayBayIds, bayIds, pieceId } of blocks) {
    for (const [trayId, bay] of bayOfTray) {
      if (!trayBayIds.includes(bay)) continue
      const number = bayIds.indexOf(bay) + 1
      placed.push({ pieceId: trayId, need: 'bay', on: { pieceId, number } })
    }
  }
  const inBay = new Set<PieceId>()
  for (const { pieceId } of placed) inBay.add(pieceId)
  return {
    placed,
    unplaced: pieces
      .filter((piece) => !inBay.has(piece.id) && wants(piece, 'bay'))
      .map(({ id, kind }) => {
        const why = kind === 'cage' ? 'none left' : 'not put in'
        return { pieceId: id, need: 'bay', why, conflictIds: [] }
      }),
  }
}

const wants = ({ needs }: Piece, kind: NeedKind): boolean =>
  needs.some((need) => need.kind === kind)

function places({ placement, unplaceable, conflictIds, pieces }: SteadyGiven): Needs {
  const kindOfPlace = (pieceId: PieceId): 'slot' | 'M.2' => {
    const piece = pieces.find(({ id }) => id === pieceId)
    return piece && wants(piece, 'M.2') ? 'M.2' : 'slot'
  }
  return {
    placed: placement.placed.map(({ pieceId, on }) => ({
      pieceId,
      need: on.kind,
      on: { pieceId: on.pieceId, number: on.number },
    })),
    unplaced: [
      ...placement.leftIds.map((pieceId) => ({
        pieceId,
        need: kindOfPlace(pieceId),
        why: 'none left' as const,
        conflictIds: conflictIds.includes(pieceId) ? [...conflictIds] : [],
      })),
      ...unplaceable.map(({ pieceId }) => ({
        pieceId,
        need: kindOfPlace(pieceId),
        why: 'not known' as const,
        conflictIds: [],
      })),
    ],
  }
}

function dataPorts({ data }: NeedsGiven): Needs {
  const hostOf = new Map(data.hosts.map(({ id, pieceId }) => [id, pieceId]))
  const hostOfCable = new Map(data.cables.map(({ id, hostId }) => [id, hostId]))
  const need = 'data port' as const
  return {
    placed: [
      ...data.ports.map(({ driveId, cableId, connector }) => ({
        pieceId: driveId,
        need,
        on: { pieceId: hostOf.get(hostOfCable.get(cableId) ?? '') ?? '', number: connector },
      })),
      ...data.cables.flatMap(({ hostId, connectors, ends }) =>
        ends.flatMap(({ ref }) =>
          'piece' in ref
            ? [
                {
                  pieceId: ref.piece,
                  need,
                  on: { pieceId: hostOf.get(hostId) ?? '', number: connectors[0] ?? 0 },
                },
              ]
            : [],
        ),
      ),
    ],
    unplaced: [...data.unreachedIds, ...data.unreachedPieceIds].map((pieceId) => ({
      pieceId,
      need,
      why: 'none left' as const,
      conflictIds: [],
    })),
  }
}

function powerPlugs({ power, pieces }: NeedsGiven): Needs {
  const need = 'power plug' as const
  const owners = (end: { ref: object; driveIds: readonly PieceId[] }): readonly PieceId[] =>
    'piece' in end.ref ? [String(end.ref.piece)] : end.driveIds
  if (!power) {
    return {
      placed: [],
      unplaced: pieces
        .filter((piece) => wants(piece, need))
        .map(({ id }) => ({ pieceId: id, need, why: 'not known', conflictIds: [] })),
    }
  }
  const leadOf = new Map(power.leads.map(({ lead }) => [lead.key, lead]))
  const placed: PlacedNeed[] = []
  for (const { end, leadKey } of power.feeds) {
    const lead = leadOf.get(leadKey)
    const on = { pieceId: lead?.ref.supplyId ?? '', number: lead?.ref.number ?? 0 }
    for (const pieceId of owners(end)) placed.push({ pieceId, need, on })
  }
  return {
    placed,
    unplaced: power.unfed.flatMap((end) =>
      owners(end).map((pieceId) => ({
        pieceId,
        need,
        why: 'none left' as const,
        conflictIds: [],
      })),
    ),
  }
}

/** Mains plugs go where the builder says. */
function mains(pieces: readonly Piece[], fittings: ReadonlyMap<PieceId, Fitting>): Needs {
  const need = 'mains socket' as const
  const ups = pieces.find(({ offers }) => offers.some((offer) => offer.kind === need))
  const placed: PlacedNeed[] = []
  const unplaced: UnplacedNeed[] = []
  for (const { id, needs } of pieces) {
    const { sockets } = fittingOf(fittings, id)
    for (const one of needs) {
      if (one.kind !== need) continue
      if (one.count === null)
        unplaced.push({ pieceId: id, need, why: 'not known', conflictIds: [] })
      for (let plug = 0; plug < (one.count ?? 0); plug += 1) {
        const socket = sockets[plug]
        const isOnUps = socket === 'UPS battery' || socket === 'UPS surge only'
        if (socket === undefined) {
          unplaced.push({ pieceId: id, need, why: 'not put in', conflictIds: [] })
        } else if (isOnUps && ups) {
          placed.push({ pieceId: id, need, on: { pieceId: ups.id, number: plug + 1 } })
        }
      }
    }
  }
  return { placed, unplaced }
}
