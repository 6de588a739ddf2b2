import type { PowerState } from '../catalogue/draws'
import { kindOf, type PartKind } from '../catalogue/partKinds'
import { wattsOf } from '../catalogue/wattsOf'
import type { Brief } from '../design/brief'
import { type Machine, piecesOf } from '../machine/machine'
import { presentPieces } from '../machine/presentPieces'
import type { Piece, PieceId } from '../machine/piece'
import { type Amount, mapAmount, type Missing, sumOf, withMissing } from '../units/amount'
import { averagePricePerKilowattHourMinor } from './averagePrice'
import { drawnTogether, drawnWatts } from './drawnWatts'
import { energyPerYearKilowattHours } from './energyPerYear'
import { wallWatts } from './wallWatts'

export interface PowerTerm {
  kind: PartKind
  /** What the machine does, where the watts of this kind depend on it. */
  state: PowerState | null
  /** Beside the machine, with a plug in the wall of its own. */
  isBeside: boolean
  pieces: number
  watts: number
}

export interface PowerFigure {
  terms: PowerTerm[]
  /** Sum of the terms behind the supply. */
  dc: Amount<'W'>
  /** DC over wall of the supply, at the likely load; null without one. */
  efficiency: number | null
  /** What stands beside the machine: a UPS, enclosures and the drives in them, without the loss of their supply. */
  beside: Amount<'W'>
  /** At the wall, with the honest band around it; null when there is no supply to compute it with. */
  wall: Amount<'W'> | null
  /** Pieces that keep the CPU out of its deep states. */
  vetoPartIds: PieceId[]
  /** What those vetoes cost, in DC watts. */
  veto: Amount<'W'>
  kilowattHoursPerYear: number | null
  costPerYear: Amount<'money'> | null
}

/**
 * Measured idle is usually above the estimate: 40 W expected, over 50 W found. Common practice, no
 * source.
 */
export const BAND_LOW = 0.9
export const BAND_HIGH = 1.25

/**
 * What does the machine draw at the wall, idle, with its drives spinning?
 *
 * One device without link power management keeps the whole CPU package awake, so the CPU counts with
 * its deep or its shallow idle watts, not with something between; where a device does not say, the band reaches
 * from one to the other. Drives that are away draw nothing. What a supply feeds through its drive leads counts as
 * its load; all else is the first supply's.
 */
export function idlePower(brief: Readonly<Brief>, machine: Machine): PowerFigure {
  const { all, inside, beside } = presentPieces(machine)
  const permits = all.map((piece) => ({ piece, may: permitOf(piece) }))
  const vetoPartIds = permits.flatMap(({ piece, may }) => (may === false ? [piece.id] : []))
  const unsaid = permits.flatMap(({ piece, may }): Missing[] =>
    may === null ? [{ pieceId: piece.id, field: 'permitsDeepIdle' }] : [],
  )
  const isVetoed = vetoPartIds.length > 0
  const state: PowerState = isVetoed ? 'kept awake' : 'idle'
  const drawnBeside = drawnTogether(beside, state)
  const likely = drawnTogether(inside, state)
  const mayBeAwake = !isVetoed && unsaid.length > 0
  const awake = mayBeAwake ? drawnTogether(inside, 'kept awake') : likely
  const dc = {
    ...likely,
    high: Math.max(likely.high, awake.high),
    missing: withMissing(likely.missing, isVetoed ? [] : unsaid),
  }
  const wall = atTheWall(machine, inside, state, dc, brief.mainsVolts)
  const withBeside = wall && sumOf([wall, drawnBeside], 'W')
  const band = withBeside && {
    ...withBeside,
    low: withBeside.low * BAND_LOW,
    high: withBeside.high * BAND_HIGH,
  }
  const price = averagePricePerKilowattHourMinor(brief)
  return {
    terms: [...termsOf(inside, state, false), ...termsOf(beside, state, true)],
    dc,
    efficiency: wall && wall.likely > 0 ? dc.likely / wall.likely : null,
    beside: drawnBeside,
    wall: band,
    vetoPartIds,
    veto: isVetoed ? vetoCost(inside) : sumOf([], 'W'),
    kilowattHoursPerYear: band && energyPerYearKilowattHours(band.likely),
    costPerYear:
      band &&
      mapAmount(
        band,
        (watts) => Math.round(energyPerYearKilowattHours(watts) * price),
        'money' as const,
      ),
  }
}

function permitOf({ dataSheet }: Piece): boolean | null {
  return kindOf(dataSheet).permitsDeepIdle(dataSheet)
}

/** One term for each kind; what draws nothing by itself, as a cable, has none. */
function termsOf(pieces: readonly Piece[], state: PowerState, isBeside: boolean): PowerTerm[] {
  const byKind = new Map<PartKind, PowerTerm>()
  for (const { kind, dataSheet } of pieces) {
    const watts = wattsOf(dataSheet, state)
    if (watts === null || watts === 0) continue
    const { draws } = kindOf(dataSheet)
    const term = byKind.get(kind) ?? {
      kind,
      state: draws.idle === draws['kept awake'] ? null : state,
      isBeside,
      pieces: 0,
      watts: 0,
    }
    term.pieces += 1
    term.watts += watts
    byKind.set(kind, term)
  }
  return [...byKind.values()]
}

/** What keeping awake costs; a data sheet that gives only one of the two values leaves it open. */
function vetoCost(inside: readonly Piece[]): Amount<'W'> {
  const costs = inside.map((piece): Amount<'W'> => {
    const awake = drawnWatts(piece, 'kept awake')
    const asleep = drawnWatts(piece, 'idle')
    const missing = withMissing(awake.missing, asleep.missing)
    const more = missing.length > 0 ? 0 : awake.likely - asleep.likely
    // Of what does not depend on the state, a missing value says nothing about the difference.
    const { draws } = kindOf(piece.dataSheet)
    const depends = draws.idle !== draws['kept awake']
    return {
      low: more,
      likely: more,
      high: awake.high,
      unit: 'W',
      missing: depends ? missing : [],
    }
  })
  const sum = sumOf(costs, 'W')
  return sum.missing.length > 0 ? sum : { ...sum, high: sum.likely }
}

/** Watts that all supplies take from the wall to deliver so much; null without one. */
export function atTheWall(
  machine: Machine,
  inside: readonly Piece[],
  state: PowerState,
  dc: Amount<'W'>,
  mainsVolts: Brief['mainsVolts'],
): Amount<'W'> | null {
  const [first, ...others] = piecesOf(machine, 'supply')
  if (!first) return null
  const leads = others.length > 0 ? (machine.wiring.power?.leads ?? []) : []
  const drawnBy = new Map(inside.map(({ id, dataSheet }) => [id, wattsOf(dataSheet, state) ?? 0]))
  const ofOthers = others.map(({ id, dataSheet }) => {
    const driveIds = leads.flatMap(({ lead, driveIds: on }) => (lead.ref.supplyId === id ? on : []))
    return { dataSheet, watts: driveIds.reduce((sum, one) => sum + (drawnBy.get(one) ?? 0), 0) }
  })
  const elsewhere = ofOthers.reduce((sum, { watts }) => sum + watts, 0)
  const atOthers = ofOthers.reduce(
    (sum, { dataSheet, watts }) => sum + wallWatts(watts, dataSheet, mainsVolts),
    0,
  )
  return mapAmount(
    dc,
    (watts) => wallWatts(Math.max(0, watts - elsewhere), first.dataSheet, mainsVolts) + atOthers,
  )
}
