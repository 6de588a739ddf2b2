import { failureGroupsOf } from '../design/pools/pools'
import { bayBlocksOf, type BayId, baysOf } from './bays'
import { awayOf } from './awayOf'
import { cardPlaces } from './cardPlaces'
import { drivesInBays } from './drivesInBays'
import { isSameMachine } from './isSameMachine'
import { fixedLinks } from './links/fixedLinks'
import { linksOf } from './links/links'
import type { Machine, MachineDesign } from './machine'
import {
  byKind,
  type Fitting,
  fittingOf,
  fittingsOf,
  inKindOrder,
  type Piece,
  piecesOfDesign,
  type PieceId,
  saidOf,
} from './piece'
import { placedNeeds } from './placedNeeds'
import { devicesInConflict } from './placement/conflict'
import { allFit, type Placement, placeDevices } from './placement/placeDevices'
import { placementProblem } from './placement/placementProblem'
import type { PlacementProblem } from './placement/places'
import { triesFor } from './wiring/assignPlugs'
import { NOTHING_SOLVED, Solver } from './solver'
import { placeOnUsb, steadyNeeds } from './steadyNeeds'
import { takeOver } from './takeOver'
import { baysOfTrays } from './trays'
import { cableList, cablesLook } from './wiring/cableList'
import { endsOfBlocks } from './wiring/endsOfBlocks'
import { bootEnds } from './wiring/dataEnds'
import { DriveGroups } from './wiring/driveGroups'
import { type PortHost, portHosts } from './wiring/portHosts'
import { powerEndsOfPieces } from './wiring/powerEnds'
import { supplyLeads } from './wiring/supplyLeads'
import { wireData } from './wiring/wireData'
import { wirePower } from './wiring/wirePower'

/**
 * Resolves a design: which piece sits where, what hangs on what, over which links.
 *
 * Pure: the same design always gives the same machine, whatever the machine before was; that one only saves
 * work. No design that `parseDesign` accepts makes it throw.
 *
 * @param before the machine of a design that differs a little, as before an edit
 */
export function resolveMachine(design: MachineDesign, before?: Machine): Machine {
  if (before && isSameMachine(before.madeFrom, design)) return { ...before, madeFrom: design }
  const fittings = fittingsOf(design)
  const { pieces, ofKind, byId, inOrder } = sortedPieces(design, before)
  const { drive: drives = [] } = ofKind
  const solver = new Solver(before?.solved ?? NOTHING_SOLVED, triesFor(drives.length))
  const others = solver.stage('others', [byId], () => pieces.filter(({ kind }) => kind !== 'drive'))
  const { chassis = [], cage = [], enclosure = [] } = ofKind
  const bayOfTray = baysOfTrays(ofKind, fittings)
  const { blocks, bays, bayById } = solver.stage(
    'bays',
    [...chassis, ...cage, ...enclosure, ...bayOfTray.values()],
    () => bayPlaces(ofKind, bayOfTray),
  )
  const inBays = drivesInBays(bayById, drives, fittings)
  const driveIn = new Map<BayId, PieceId>()
  for (const [bay, { id }] of inBays) driveIn.set(bay, id)

  const { cardPins, m2Pins } = design.paths
  const settledFrom: unknown[] = [byId, cardPins, m2Pins]
  // In which bay a drive is makes no difference to where cards go, only whether it is in one.
  for (const { id } of drives) {
    const { bay, away } = fittingOf(fittings, id)
    settledFrom.push(bay === null, away)
  }
  // Where mains plugs go is part of the needs that do not depend on drives.
  for (const { id } of others) settledFrom.push(fittingOf(fittings, id).sockets)
  const { places, openings, hosts, leads, steady, fixed } = solver.stage(
    'places',
    settledFrom,
    () => settled(design, pieces, byId, ofKind, fittings, solver),
  )
  const { placement } = places
  const groups = solver.stage('groups', [design.pools], () => groupsOfDrives(design.pools))
  const ends = endsOfBlocks(
    { pieces: ofKind, blocks, bays: bayById, driveIn: inBays, groups },
    solver,
  )
  const data = wireData(
    {
      ends: ends.data.ends,
      look: ends.data.look,
      unspokenIds: ends.unspokenIds,
      boots: solver.stage('boot ends', [byId], () => bootEnds(ofKind)),
      hosts,
      groups,
      mostOf: ({ pieceId }: PortHost) =>
        placement.placed.find((one) => one.pieceId === pieceId)?.bytesPerSecond ?? Infinity,
      boardId: ofKind.board?.[0]?.id ?? null,
    },
    design.paths,
    solver,
  )
  const power =
    leads &&
    wirePower(
      {
        ofBlocks: ends.power,
        ofPieces: solver.stage('power ends of pieces', [byId], () => powerEndsOfPieces(pieces)),
      },
      leads,
      ofKind.supply,
      groups,
      design.paths,
      solver,
    )
  const needs = placedNeeds({ pieces, steady, driveIn, bays, blocks, bayOfTray, data, power })
  return takeOver(before, {
    madeFrom: design,
    pieces: byId,
    fittings: saidOf(fittings, before?.fittings),
    ofKind,
    inOrder,
    blocks,
    bays,
    bayById,
    driveIn,
    ...awayOf(drives, fittings, driveIn, needs.placed),
    placement,
    unplaceable: places.unplaceable,
    placePinsKept: places.pinsKept,
    cardPlaces: openings,
    ...needs,
    wiring: { data, power },
    cables: solver.alike(
      'cable list',
      [byId, openings, bayById, data.hosts],
      cablesLook(data.cables),
      () => cableList({ pieces: byId, ofKind, cardPlaces: openings, bayById, data }),
    ),
    ...linksOf({ fixed, byId, data, bays, driveIn, solver }),
    solved: solver.solved,
  })
}

/** The pieces of a design in all their orders; the very same as before when none has come, gone or changed. */
function sortedPieces(
  design: MachineDesign,
  before?: Machine,
): Pick<Machine, 'ofKind' | 'inOrder'> & { pieces: Piece[]; byId: Machine['pieces'] } {
  if (before && hasSamePieces(design, before.madeFrom)) {
    const { pieces: byId, ofKind, inOrder } = before
    return { pieces: [...byId.values()], byId, ofKind, inOrder }
  }
  const pieces = piecesOfDesign(design, before?.pieces)
  const ofKind = byKind(pieces)
  const byId = new Map(pieces.map((piece) => [piece.id, piece]))
  return { pieces, byId, ofKind, inOrder: inKindOrder(ofKind) }
}

/** Whether two designs are made of the same pieces with the same data sheets, wherever those are. */
const hasSamePieces = (one: MachineDesign, other: MachineDesign): boolean =>
  one.snapshots === other.snapshots &&
  one.fitted.length === other.fitted.length &&
  one.fitted.every(({ id, snapshotId }, at) => {
    const part = other.fitted[at]
    return part?.id === id && part.snapshotId === snapshotId
  })

/** Blocks and bays, which depend on the case, its cages and the enclosures beside it. */
function bayPlaces(
  ofKind: Machine['ofKind'],
  bayOfTray: ReadonlyMap<PieceId, BayId>,
): Pick<Machine, 'blocks' | 'bays' | 'bayById'> {
  const blocks = bayBlocksOf(ofKind, bayOfTray)
  const bays = baysOf(blocks)
  return { blocks, bays, bayById: new Map(bays.map((bay) => [bay.id, bay])) }
}

/** All that does not depend on which drive is in which bay. */
function settled(
  design: MachineDesign,
  pieces: readonly Piece[],
  byId: Machine['pieces'],
  ofKind: Machine['ofKind'],
  fittings: ReadonlyMap<PieceId, Fitting>,
  solver: Solver,
) {
  const places = placeAll(design, ofKind, fittings, solver)
  const { problem, placement, unplaceable, conflictIds } = places
  const names = namesIn(pieces, placement)
  const usb = placeOnUsb(pieces)
  const withoutPlace = new Set([
    ...placement.leftIds,
    ...usb.unplaced.map(({ pieceId }) => pieceId),
  ])
  const hosts = portHosts(ofKind, {
    silencedSataPorts: placement.silencedSataPorts,
    usbPortsTaken: usb.placed.length,
    withoutPlace,
    names,
  })
  return {
    places,
    openings: cardPlaces(
      ofKind,
      placement,
      unplaceable.flatMap(({ pieceId, lacks }) => (lacks.what === 'slots' ? [pieceId] : [])),
    ),
    hosts,
    leads: supplyLeads(ofKind),
    steady: steadyNeeds({ pieces, ofKind, fittings, placement, unplaceable, conflictIds, usb }),
    fixed: fixedLinks({
      pieces: ofKind,
      byId,
      placement,
      devices: problem.devices,
      usb: usb.placed,
      hosts,
      names,
    }),
  }
}

interface Places {
  problem: PlacementProblem
  placement: Placement
  unplaceable: Machine['unplaceable']
  pinsKept: boolean
  conflictIds: PieceId[]
}

const NOWHERE: Placement = {
  placed: [],
  leftIds: [],
  chipsetUsers: 0,
  silencedSataPorts: 0,
  isBest: true,
}

/**
 * Cards and devices in their places. When what is fixed cannot all be kept, as when two are fixed to one slot,
 * all of it is left out of account, and a finding says so.
 */
function placeAll(
  { paths }: MachineDesign,
  ofKind: Machine['ofKind'],
  fittings: ReadonlyMap<PieceId, Fitting>,
  solver: Solver,
): Places {
  const pinned = placementProblem(ofKind, fittings, paths, true)
  const [kept] = solver.place(pinned.problem)
  const { problem, unplaceable } = kept ? pinned : placementProblem(ofKind, fittings, paths, false)
  const placement = kept ?? solver.place(problem)[0] ?? NOWHERE
  const conflictIds =
    placement.leftIds.length === 0
      ? []
      : devicesInConflict(problem, (devices) => allFit({ ...problem, devices }))
  return { problem, placement, unplaceable, pinsKept: kept !== undefined, conflictIds }
}

function groupsOfDrives(pools: MachineDesign['pools']): DriveGroups {
  return new DriveGroups(
    pools.flatMap((pool) =>
      failureGroupsOf(pool).map(({ driveIds, tolerates }) => {
        return { poolId: pool.id, driveIds, tolerates }
      }),
    ),
  )
}

/** What each piece is called; those of one model are told apart by their place. */
function namesIn(pieces: readonly Piece[], { placed }: Placement): Map<PieceId, string> {
  const counts = new Map<string, number>()
  for (const { kind, dataSheet } of pieces) {
    const name = `${kind} ${dataSheet.model}`
    counts.set(name, (counts.get(name) ?? 0) + 1)
  }
  const placeOf = new Map(
    placed.map(({ pieceId, root }) => [pieceId, `${root.kind} ${root.number}`]),
  )
  return new Map(
    pieces.map(({ id, kind, dataSheet: { model } }) => {
      const place = placeOf.get(id)
      const isOneOfSeveral = (counts.get(`${kind} ${model}`) ?? 0) > 1
      return [id, isOneOfSeveral && place ? `${place} · ${model}` : model]
    }),
  )
}

/** Every other way to place cards and devices that is among the best, the best first. */
export function otherPlacements(
  { madeFrom, ofKind, placement }: Machine,
  most: number,
): Placement[] {
  const { problem } = placementProblem(ofKind, fittingsOf(madeFrom), madeFrom.paths, true)
  const isSame = (one: Placement): boolean =>
    one.placed.every(({ pieceId, on }) =>
      placement.placed.some(
        (other) =>
          other.pieceId === pieceId &&
          other.on.pieceId === on.pieceId &&
          other.on.number === on.number,
      ),
    )
  return placeDevices(problem, most + 1).filter((one) => !isSame(one))
}
