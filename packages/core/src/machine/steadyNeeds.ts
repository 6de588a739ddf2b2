import { isTray } from '../catalogue/kinds/cage'
import {
  byNeed,
  type Needs,
  type NeedsByKind,
  type PlacedNeed,
  type UnplacedNeed,
  wants,
} from './needs'
import { placeInOpenings } from './openings'
import { type Fitting, fittingOf, type Piece, type PiecesByKind, type PieceId } from './piece'
import type { Placement } from './placement/placeDevices'
import type { Unplaceable } from './placement/placementProblem'

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

/** USB devices in the ports of the board, as far as they go, in the order they were added. */
export function placeOnUsb(pieces: readonly Piece[]): Needs {
  return inOrder(pieces, 'USB port', pieces)
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
