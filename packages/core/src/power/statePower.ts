import type { PartKind } from '../catalogue/partKinds'
import type { Machine } from '../machine/machine'
import type { Piece, PieceId } from '../machine/piece'
import { presentPieces } from '../machine/presentPieces'
import { type Amount, exactly, sumOf, withMissing } from '../units/amount'
import { atTheWall } from './atTheWall'
import { cpuDraw } from './cpuDraw'
import { deepIdle } from './deepIdle'
import { driveDraw } from './driveDraw'
import { drawnWatts } from './drawnWatts'
import { expectedBand } from './expectedBand'
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
 */
export function statePower(design: StateDesign, machine: Machine, state: MachineState): StatePower {
  const { all, inside, beside } = presentPieces(machine)
  const activityOf = state.drives(design, machine)
  const { vetoPartIds, unsaid } = deepIdle(all)
  const drawn = (piece: Piece): Amount<'W'> =>
    expectedBand(piece, drawIn(state, piece, activityOf, vetoPartIds.length > 0, unsaid.length > 0))
  const drawnBy = new Map<PieceId, Amount<'W'>>(inside.map((piece) => [piece.id, drawn(piece)]))
  const sum = sumOf([...drawnBy.values()], 'W')
  const dc = state.cpu === 'idle' ? { ...sum, missing: withMissing(sum.missing, unsaid) } : sum
  const wall = atTheWall(machine, drawnBy, dc, design.brief.mainsVolts)
  const drawnBeside = beside.map((piece) => ({ piece, amount: drawn(piece) }))
  const drawnInside = inside.map((piece) => ({
    piece,
    amount: drawnBy.get(piece.id) ?? exactly(0, 'W'),
  }))
  return {
    terms: [...termsOf(drawnInside, false), ...termsOf(drawnBeside, true)],
    dc,
    wall: wall && sumOf([wall, ...drawnBeside.map(({ amount }) => amount)], 'W'),
  }
}

function drawIn(
  { cpu }: MachineState,
  piece: Piece,
  activityOf: (driveId: PieceId) => ReturnType<ReturnType<MachineState['drives']>>,
  isKeptAwake: boolean,
  mayBeAwake: boolean,
): Amount<'W'> {
  if (cpu === 'off') return offDraw(piece)
  switch (piece.kind) {
    case 'drive':
      return driveDraw(piece as Piece<'drive'>, activityOf(piece.id))
    case 'cpu': {
      if (cpu !== 'idle') return cpuDraw(piece as Piece<'cpu'>, cpu)
      if (isKeptAwake) return drawnWatts(piece, 'kept awake')
      const deep = drawnWatts(piece, 'idle')
      if (!mayBeAwake) return deep
      const shallow = drawnWatts(piece, 'kept awake')
      return { ...deep, high: Math.max(deep.high, shallow.high) }
    }
    default:
      return drawnWatts(piece, isKeptAwake ? 'kept awake' : 'idle')
  }
}

function termsOf(
  drawn: readonly { piece: Piece; amount: Amount<'W'> }[],
  isBeside: boolean,
): StateTerm[] {
  const byKind = new Map<PartKind, StateTerm>()
  for (const { piece, amount } of drawn) {
    if (amount.likely === 0) continue
    const { kind } = piece
    const term = byKind.get(kind) ?? { kind, isBeside, pieces: 0, watts: 0 }
    byKind.set(kind, { ...term, pieces: term.pieces + 1, watts: term.watts + amount.likely })
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
