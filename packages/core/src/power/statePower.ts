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

/** What a machine draws in one state. */
export interface StatePower {
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
  return { dc, wall: wall && sumOf([wall, ...beside.map(drawn)], 'W') }
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
