import type { PowerState } from '../catalogue/draws'
import { kindOf, type PartKind, partKinds } from '../catalogue/partKinds'
import type { LimitedState } from '../design/brief'
import type { Machine } from '../machine/machine'
import type { Piece, PieceId } from '../machine/piece'
import { presentPieces } from '../machine/presentPieces'
import { type Amount, sumOf, withMissing } from '../units/amount'
import { fanDutyOf } from '../design/air'
import { deepIdle } from './deepIdle'
import { besideDraw } from './besideDraw'
import { drawnWatts } from './drawnWatts'
import { steadyDraw } from './steadyDraw'
import type { StateDesign } from './machineStates'
import { machineDay } from './machineDay'
import type { StateTerm } from './statePower'
import { statePowers } from './statePowers'

export interface PowerTerm extends StateTerm {
  /** What the machine does, where the watts of this kind depend on it. */
  state: PowerState | null
}

export interface PowerFigure {
  terms: PowerTerm[]
  /** Sum of the terms behind the supply. */
  dc: Amount<'W'>
  /** DC over wall of the supply, at the likely load; null without one. */
  efficiency: number | null
  /** What stands beside the machine: a UPS, enclosures and the drives in them, with the loss of their supplies. */
  beside: Amount<'W'>
  /** At the wall, disks spinning, with the honest band around it; null when there is no supply to compute it with. */
  wall: Amount<'W'> | null
  /** The same with all disks asleep. */
  asleep: Amount<'W'> | null
  /** Over the hours of a week, by what the machine does in each. */
  mean: Amount<'W'> | null
  /** Of these three the one that the brief is about. */
  shown: Amount<'W'> | null
  shownState: LimitedState
  /** Pieces that keep the CPU out of its deep states. */
  vetoPartIds: PieceId[]
  /** What those vetoes cost, in DC watts. */
  veto: Amount<'W'>
  /** By the mean, and with the prices of its hours. */
  kilowattHoursPerYear: number | null
  costPerYear: Amount<'money'> | null
}

/**
 * What does the machine draw at the wall, idle, and through its days?
 *
 * One device without link power management keeps the whole CPU package awake, so the CPU counts with
 * its deep or its shallow idle watts, not with something between; where a device does not say, the band reaches
 * from one to the other. Drives that are away draw nothing.
 */
export function idlePower(design: StateDesign, machine: Machine): PowerFigure {
  const { all, inside, beside } = presentPieces(machine)
  const { vetoPartIds, unsaid } = deepIdle(all)
  const isVetoed = vetoPartIds.length > 0
  const state: PowerState = isVetoed ? 'kept awake' : 'idle'
  const drawnBeside = sumOf(
    beside.map((piece) => besideDraw(piece, drawnWatts(piece, state))),
    'W',
  )
  const likely = drawnInside(inside, state, design)
  const awake = unsaid.length > 0 ? drawnInside(inside, 'kept awake', design) : likely
  const dc = {
    ...likely,
    high: Math.max(likely.high, awake.high),
    missing: withMissing(likely.missing, unsaid),
  }
  const powerIn = statePowers(design, machine)
  const { terms, wall } = powerIn('spinning')
  const asleep = powerIn('asleep').wall
  const day = machineDay(design, powerIn)
  const mean = day?.mean ?? null
  const { idleState } = design.brief
  const ofSupply = wall && wall.likely - drawnBeside.likely
  return {
    terms: terms.map((term) => ({ ...term, state: statedOf(term.kind, state) })),
    dc,
    efficiency: ofSupply !== null && ofSupply > 0 ? dc.likely / ofSupply : null,
    beside: drawnBeside,
    wall,
    asleep,
    mean,
    shown: { spinning: wall, asleep, mean }[idleState],
    shownState: idleState,
    vetoPartIds,
    veto: isVetoed ? vetoCost(inside) : sumOf([], 'W'),
    kilowattHoursPerYear: day?.kilowattHoursPerYear ?? null,
    costPerYear: day?.costPerYear ?? null,
  }
}

/** The state, where the watts of a kind depend on it. */
function statedOf(kind: PartKind, state: PowerState): PowerState | null {
  const { draws } = partKinds[kind]
  return draws.idle === draws['kept awake'] ? null : state
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

/** What the pieces in the machine draw together, with the fans of the case at their speed. */
function drawnInside(
  inside: readonly Piece[],
  state: PowerState,
  { air }: Pick<StateDesign, 'air'>,
): Amount<'W'> {
  const fanDuty = fanDutyOf(air)
  return sumOf(
    inside.map((piece) => steadyDraw(piece, state, fanDuty)),
    'W',
  )
}
