import type { PowerState } from '../catalogue/draws'
import { kindOf, type PartKind, partKinds } from '../catalogue/partKinds'
import type { Brief } from '../design/brief'
import type { Design } from '../design/design'
import { type Machine, piecesOf } from '../machine/machine'
import { type Piece, type PieceId } from '../machine/piece'
import { averagePricePerKilowattHourMinor } from './averagePrice'
import { energyPerYearKilowattHours } from './energyPerYear'
import { wallWatts } from './wallWatts'

export interface PowerTerm {
  /** What draws: "drives, idle", a board's model. */
  label: string
  pieces: number
  watts: number
}

export interface PowerFigure {
  terms: PowerTerm[]
  /** Sum of the terms, behind the supply. */
  dcWatts: number
  /** DC over wall of the supply; null without one, when the wall is not known. */
  efficiency: number | null
  /** What stands beside the machine: a UPS, enclosures and the drives in them, without the loss of their supply. */
  besideWatts: number
  /** Null when there is no supply to compute it with. */
  wallWatts: number | null
  /** The honest band around `wallWatts`. */
  lowWallWatts: number | null
  highWallWatts: number | null
  /** Pieces that keep the CPU out of its deep states. */
  vetoPartIds: string[]
  /** What those vetoes cost, in DC watts. */
  vetoWatts: number
  /** Pieces whose idle watts, or whose leave to sleep deeply, no data sheet says; left out of the sum. */
  notKnownPartIds: string[]
  kilowattHoursPerYear: number | null
  costPerYearMinor: number | null
}

/**
 * Measured idle is usually above the estimate: 40 W expected, over 50 W found. Common practice, no
 * source.
 */
const BAND_LOW = 0.9
const BAND_HIGH = 1.25

/**
 * What does the machine draw at the wall, idle, with its drives spinning?
 *
 * One device without link power management keeps the whole CPU package awake, so the CPU counts with
 * its deep or its shallow idle watts, not with something between. Drives that are away draw nothing. What a
 * supply feeds through its drive leads counts as its load; all else is the first supply's.
 */
export function idlePower({ brief }: Pick<Design, 'brief'>, machine: Machine): PowerFigure {
  const away = new Set(machine.awayIds)
  const present = machine.inOrder.filter(({ id }) => !away.has(id))
  const permits = present.map(({ id, dataSheet }) => {
    return { id, permits: kindOf(dataSheet).permitsDeepIdle(dataSheet) }
  })
  const vetoPartIds = permits.flatMap(({ id, permits: may }) => (may === false ? [id] : []))
  const state: PowerState = vetoPartIds.length > 0 ? 'kept awake' : 'idle'
  const outside = drivesOutside(machine)
  const draws = present.map((piece) => {
    const kind = kindOf(piece.dataSheet)
    const isBeside = kind.stands !== 'inside' || outside.has(piece.id)
    return { piece, kind, isBeside, watts: kind.draws(piece.dataSheet)[state] }
  })
  const inside = draws.filter(({ isBeside }) => !isBeside)
  const terms = termsOf(inside, state)
  const dcWatts = terms.reduce((sum, { watts }) => sum + watts, 0)
  const behindSupply = atTheWall(machine, inside, dcWatts, brief.mainsVolts)
  const besideWatts = draws.reduce(
    (sum, { isBeside, watts }) => sum + (isBeside ? (watts ?? 0) : 0),
    0,
  )
  const atWall = behindSupply === null ? null : behindSupply + besideWatts
  const kilowattHoursPerYear = atWall === null ? null : energyPerYearKilowattHours(atWall)
  return {
    terms,
    dcWatts,
    efficiency: behindSupply ? dcWatts / behindSupply : null,
    besideWatts,
    wallWatts: atWall,
    lowWallWatts: atWall === null ? null : atWall * BAND_LOW,
    highWallWatts: atWall === null ? null : atWall * BAND_HIGH,
    vetoPartIds,
    vetoWatts: vetoPartIds.length > 0 ? vetoWatts(present) : 0,
    notKnownPartIds: [
      ...new Set([
        ...permits.flatMap(({ id, permits: may }) => (may === null ? [id] : [])),
        ...draws.flatMap(({ piece, watts }) => (watts === null ? [piece.id] : [])),
      ]),
    ],
    kilowattHoursPerYear,
    costPerYearMinor:
      kilowattHoursPerYear === null
        ? null
        : Math.round(kilowattHoursPerYear * averagePricePerKilowattHourMinor(brief)),
  }
}

interface PieceDraw {
  piece: Piece
  watts: number | null
}

/** One term for each kind; what draws nothing by itself, as a cable, has none. */
function termsOf(draws: readonly PieceDraw[], state: PowerState): PowerTerm[] {
  const byKind = new Map<PartKind, PieceDraw[]>()
  for (const draw of draws) {
    if (draw.watts === null || draw.watts === 0) continue
    const before = byKind.get(draw.piece.kind)
    if (before) before.push(draw)
    else byKind.set(draw.piece.kind, [draw])
  }
  return [...byKind].map(([kind, some]) => {
    const { one, many } = partKinds[kind].words
    const [first] = some
    const all = first && kindOf(first.piece.dataSheet).draws(first.piece.dataSheet)
    const depends = all !== undefined && all.idle !== all['kept awake']
    return {
      label: `${some.length === 1 ? one : many}${depends ? `, ${STATE_WORDS[state]}` : ''}`,
      pieces: some.length,
      watts: some.reduce((sum, { watts }) => sum + (watts ?? 0), 0),
    }
  })
}

const STATE_WORDS: Record<PowerState, string> = {
  asleep: 'asleep',
  idle: 'deep idle',
  'kept awake': 'kept from deep idle',
  busy: 'busy',
}

/** What keeping awake costs, as far as data sheets give both. */
function vetoWatts(present: readonly Piece[]): number {
  return present.reduce((sum, { dataSheet }) => {
    const draws = kindOf(dataSheet).draws(dataSheet)
    return sum + ((draws['kept awake'] ?? 0) - (draws.idle ?? 0))
  }, 0)
}

/** Drives that sit in an enclosure with a supply of its own, not in the machine. */
function drivesOutside({ blocks, driveIn }: Machine): ReadonlySet<PieceId> {
  return new Set(
    blocks.flatMap(({ isOutside, bayIds }) =>
      isOutside ? bayIds.flatMap((id) => driveIn.get(id) ?? []) : [],
    ),
  )
}

/** Watts that all supplies take from the wall; null without one. */
function atTheWall(
  machine: Machine,
  inside: readonly PieceDraw[],
  dcWatts: number,
  mainsVolts: Brief['mainsVolts'],
): number | null {
  const [first, ...others] = piecesOf(machine, 'supply')
  if (!first) return null
  const wattsOf = new Map(inside.map(({ piece, watts }) => [piece.id, watts ?? 0]))
  const leads = machine.wiring.power?.leads ?? []
  let left = dcWatts
  const atOthers = others.map(({ id, dataSheet }) => {
    const drives = leads.flatMap(({ lead, driveIds }) => (lead.ref.supplyId === id ? driveIds : []))
    const load = drives.reduce((sum, drive) => sum + (wattsOf.get(drive) ?? 0), 0)
    left -= load
    return wallWatts(load, dataSheet, mainsVolts)
  })
  return atOthers.reduce((sum, watts) => sum + watts, wallWatts(left, first.dataSheet, mainsVolts))
}
