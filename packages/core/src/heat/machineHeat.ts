import { DRIVE_OUTLINES } from '../catalogue/standards'
import { type AirChoices, fanDutyOf } from '../design/air'
import type { MachineStateId } from '../design/brief'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { machineState, type MachineState, type StateDesign } from '../power/machineStates'
import { drawnInState } from '../power/statePower'
import { type Amount, exactly, type Missing, sumOf, withMissing } from '../units/amount'
import type { Band } from '../units/band'
import { combinedBand } from '../units/combinedBand'
import { AIR_AREAS } from './airAreas'
import type { AirFlow } from './airFlow'
import { airRise } from './airRise'
import { type BoardAir, boardAir } from './boardAir'
import { driveKelvinPerWatt, WETTED_SHARE } from './driveKelvinPerWatt'
import { wallsWattsPerKelvin } from './wallsWattsPerKelvin'
import { type DriveRow, driveRows } from './driveRows'
import { SECONDS_PER_HOUR } from '../units/time'

/** How warm one row of drives gets. */
export interface RowHeat extends Omit<DriveRow, 'airShare'> {
  /** All drives of the row together. */
  watts: Amount<'W'>
  /** Past the row, m³/h; null in the open and in an enclosure. */
  cubicMetresPerHour: Band | null
  /** The warmest drive of the row over the room, in kelvin. */
  kelvin: Band
  /** Whether one of them is a disk. */
  hasDisk: boolean
}

/** Of the states that last for hours, the one that makes drives warmest. */
export const HOTTEST_STATE = 'scrub' satisfies MachineStateId

export interface HeatFigure {
  state: MachineStateId
  /** Null where the brief does not say it: then everything is told over the room. */
  roomCelsius: number | null
  fanDuty: number
  /** Rows with drives, in the order of their bays. */
  rows: RowHeat[]
  /** Air at cards and board. */
  board: BoardAir
  /** Air that leaves the case over the room, in kelvin; null in the open. */
  outletKelvin: Band | null
  missing: readonly Missing[]
}

/** How much of a row's heat the air has taken up before its warmest drive. Common practice, no source. */
export const OWN_HEAT: Band = { low: 0.55, likely: 0.65, high: 0.8 }

/** Air in the open, and between drives of an enclosure that nobody describes, m/s. Common practice, no source. */
export const OPEN_METRES_PER_SECOND: Band = { low: 0, likely: 0.1, high: 0.3 }

/** Drives in an enclosure over the room, well and badly aired, K. Common practice, no source. */
export const ENCLOSURE_KELVIN: Band = { low: 8, likely: 14, high: 20 }

export interface HeatDesign extends StateDesign {
  brief: StateDesign['brief'] & { readonly roomCelsius: number | null }
  air: Readonly<AirChoices>
}

/**
 * How warm do drives, cards and air get in a state that lasts for hours?
 *
 * A drive is as warm as the room, plus what the air has taken up on its way to it, plus what its own watts keep it over
 * that air. All of it are bands: low with all of the air and little heat, high with little air and all of the heat.
 *
 * @param flow what moves through the case, as `airFlow` has it
 */
export function machineHeat(
  design: HeatDesign,
  machine: Machine,
  flow: AirFlow | null,
  state: MachineStateId,
): HeatFigure {
  return heatInState(design, machine, flow, machineState(state))
}

/** The same in a state of one's own, as while some drives are written and the others wait. */
export function heatInState(
  design: HeatDesign,
  machine: Machine,
  flow: AirFlow | null,
  state: MachineState,
): HeatFigure {
  const { brief, air } = design
  const { inside, beside, dc } = drawnInState(design, machine, state)
  const drawnBy = new Map([...inside, ...beside].map(({ piece, amount }) => [piece.id, amount]))
  const draw = (id: PieceId): Amount<'W'> => drawnBy.get(id) ?? exactly(0, 'W')
  const all = driveRows(machine, flow?.fans ?? [])
  const rows = all
    .filter(({ driveIds }) => driveIds.length > 0)
    .map((row) => rowHeat(row, draw, machine, flow))
  const inCase = rows.filter(({ isOutside }) => !isOutside)
  const driveWatts = sumOf(
    inCase.map(({ watts }) => watts),
    'W',
  )
  const walls = wallsWattsPerKelvin(machine, 'all')
  return {
    state: state.id,
    roomCelsius: brief.roomCelsius,
    fanDuty: fanDutyOf(air),
    rows,
    board: boardAir(machine, flow, dc, driveWatts),
    outletKelvin:
      flow &&
      combinedBand([dc, flow.pastBoard, walls], ([watts = 0, air = 0, through = 0]) =>
        airRise(watts, air, through),
      ),
    missing: withMissing(dc.missing, flow?.missing ?? []),
  }
}

function rowHeat(
  { airShare, ...row }: DriveRow,
  draw: (driveId: PieceId) => Amount<'W'>,
  machine: Machine,
  flow: AirFlow | null,
): RowHeat {
  const drawn = row.driveIds.map(draw)
  const most = (of: (amount: Amount<'W'>) => number): number => Math.max(...drawn.map(of))
  const watts = sumOf(drawn, 'W')
  const hasDisk = row.driveIds.some((id) => {
    const sheet = machine.pieces.get(id)?.dataSheet
    return sheet?.kind === 'drive' && sheet.medium === 'disk'
  })
  if (row.isOutside)
    return { ...row, watts, cubicMetresPerHour: null, kelvin: ENCLOSURE_KELVIN, hasDisk }
  const past = flow && {
    low: flow.pastDrives.low * airShare.low,
    likely: flow.pastDrives.likely * airShare.likely,
    high: flow.pastDrives.high * airShare.high,
  }
  const { widthMm, heightMm } = DRIVE_OUTLINES[row.formFactor]
  const openArea = ((widthMm * heightMm * row.bayIds.length) / 1e6) * AIR_AREAS.betweenDrives.likely
  const walls = wallsWattsPerKelvin(machine, 'drives').likely
  const drive = {
    low: most(({ low }) => low),
    likely: most(({ likely }) => likely),
    high: most(({ high }) => high),
  }
  const kelvin = combinedBand(
    [watts, drive, OWN_HEAT, WETTED_SHARE, past ?? OPEN_METRES_PER_SECOND],
    ([rowWatts = 0, driveWatts = 0, own = 0, wetted = 0, air = 0]) =>
      (past ? airRise(rowWatts, air, walls * airShare.likely) * own : 0) +
      driveWatts *
        driveKelvinPerWatt(past ? air / SECONDS_PER_HOUR / openArea : air, row.formFactor, wetted),
  )
  return { ...row, watts, cubicMetresPerHour: past, kelvin, hasDisk }
}
