import { fanDutyOf } from '../design/air'
import type { PartKind } from '../catalogue/partKinds'
import type { Machine } from '../machine/machine'
import type { Piece, PieceId } from '../machine/piece'
import { type PresentPieces, presentPieces } from '../machine/presentPieces'
import { type Amount, exactly, sumOf, withMissing } from '../units/amount'
import { atTheWall } from './atTheWall'
import { cpuDraw } from './cpuDraw'
import { type DeepIdle, deepIdle } from './deepIdle'
import { type DriveActivity, driveDraw } from './driveDraw'
import { drawnWatts } from './drawnWatts'
import { expectedBand } from './expectedBand'
import { besideDraw } from './besideDraw'
import { steadyDraw } from './steadyDraw'
import type { MachineState, StateDesign } from './machineStates'

/** What all pieces of a kind draw together. */
export interface StateTerm {
  kind: PartKind
  /** Beside the machine, with a plug in the wall of its own. */
  isBeside: boolean
  pieces: number
  watts: number
}

/** What a machine draws in one state. */
export interface StatePower {
  /** By kind, as far as it draws anything. */
  terms: StateTerm[]
  /** Behind the supply. */
  dc: Amount<'W'>
  /** At the wall, with what stands beside the machine; null without a supply. */
  wall: Amount<'W'> | null
}

/**
 * What does the machine draw in a state?
 *
 * Every piece has a band around what its data sheet gives. Where nobody says whether a device lets the CPU sleep, the
 * band reaches from the deep to the shallow idle of it. Drives that are away draw nothing.
 *
 * @param pieces what draws, when it is at hand
 */
export function statePower(
  design: StateDesign,
  machine: Machine,
  state: MachineState,
  pieces: DrawingPieces = drawingPieces(machine),
): StatePower {
  const { inside, beside, dc } = drawnInState(design, machine, state, pieces)
  const drawnBy = new Map(inside.map(({ piece, amount }) => [piece.id, amount]))
  const wall = atTheWall(machine, drawnBy, dc, design.brief.mainsVolts)
  return {
    terms: [...termsOf(inside, false), ...termsOf(beside, true)],
    dc,
    wall: wall && sumOf([wall, togetherOf(beside)], 'W'),
  }
}

/** What each piece draws in a state, and all within the machine together, before any supply of it. */
export function drawnInState(
  design: StateDesign,
  machine: Machine,
  state: MachineState,
  { inside, beside, sleep }: DrawingPieces = drawingPieces(machine),
): { inside: DrawnPiece[]; beside: DrawnPiece[]; dc: Amount<'W'> } {
  const activityOf = state.drives(design, machine)
  const drawn = (piece: Piece): DrawnPiece => {
    const amount = drawIn(state, piece, activityOf, sleep, fanDutyOf(design.air))
    return { piece, amount: expectedBand(piece, amount) }
  }
  const drawnInside = inside.map(drawn)
  const sum = togetherOf(drawnInside)
  return {
    inside: drawnInside,
    beside: beside.map((piece) => {
      return { piece, amount: besideDraw(piece, drawn(piece).amount) }
    }),
    dc: state.cpu === 'idle' ? { ...sum, missing: withMissing(sum.missing, sleep.unsaid) } : sum,
  }
}

/** What one piece draws. */
export interface DrawnPiece {
  piece: Piece
  amount: Amount<'W'>
}

const togetherOf = (drawn: readonly DrawnPiece[]): Amount<'W'> =>
  sumOf(
    drawn.map(({ amount }) => amount),
    'W',
  )

/** What of a machine draws, which is the same in every state. */
export interface DrawingPieces extends PresentPieces {
  sleep: DeepIdle
}

export function drawingPieces(machine: Machine): DrawingPieces {
  const present = presentPieces(machine)
  return { ...present, sleep: deepIdle(present.all) }
}

function drawIn(
  { cpu }: MachineState,
  piece: Piece,
  activityOf: (driveId: PieceId) => DriveActivity,
  { vetoPartIds, unsaid }: DeepIdle,
  fanDuty: number,
): Amount<'W'> {
  const isKeptAwake = vetoPartIds.length > 0
  if (cpu === 'off') return offDraw(piece)
  switch (piece.kind) {
    case 'drive':
      return driveDraw(piece as Piece<'drive'>, activityOf(piece.id))
    case 'cpu': {
      if (cpu !== 'idle') return cpuDraw(piece as Piece<'cpu'>, cpu)
      if (isKeptAwake) return drawnWatts(piece, 'kept awake')
      const deep = drawnWatts(piece, 'idle')
      if (unsaid.length === 0) return deep
      const shallow = drawnWatts(piece, 'kept awake')
      return { ...deep, high: Math.max(deep.high, shallow.high) }
    }
    default:
      return steadyDraw(piece, isKeptAwake ? 'kept awake' : 'idle', fanDuty)
  }
}

function termsOf(drawn: readonly DrawnPiece[], isBeside: boolean): StateTerm[] {
  const byKind = new Map<PartKind, StateTerm>()
  for (const { piece, amount } of drawn) {
    if (amount.likely === 0) continue
    const { kind } = piece
    const term = byKind.get(kind) ?? { kind, isBeside, pieces: 0, watts: 0 }
    term.pieces += 1
    term.watts += amount.likely
    byKind.set(kind, term)
  }
  return [...byKind.values()]
}

/** Switched off, only the board draws anything behind the supply; what has a plug of its own goes on. */
function offDraw(piece: Piece): Amount<'W'> {
  const { id, dataSheet } = piece
  if (dataSheet.kind === 'board') {
    const { offWatts } = dataSheet
    return offWatts === null
      ? exactly(0, 'W', [{ pieceId: id, field: 'offWatts' }])
      : exactly(offWatts, 'W')
  }
  return dataSheet.kind === 'ups' || dataSheet.kind === 'enclosure'
    ? drawnWatts(piece, 'idle')
    : exactly(0, 'W')
}
