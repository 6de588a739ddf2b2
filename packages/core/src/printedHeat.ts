import { fanDutyOf } from './design/air'
import type { Design } from './design/design'
import { airFlow } from './heat/airFlow'
import { HOTTEST_STATE, machineHeat, type HeatFigure } from './heat/machineHeat'
import type { Machine } from './machine/machine'
import { machineNoise, NOISE_STATES } from './noise/machineNoise'
import type { Band } from './units/band'

/** Temperatures and air of a machine as JSON for other programs, while all its drives are read. */
export function printedHeat(design: Design, machine: Machine): object {
  const flow = airFlow(machine, design.air)
  const heat = machineHeat(design, machine, flow, HOTTEST_STATE)
  const { state, roomCelsius, fanDuty, rows, board, outletKelvin } = heat
  return {
    state,
    roomCelsius,
    fanDuty,
    rows: rows.map(({ pieceId, numbers, driveIds, watts, kelvin, cubicMetresPerHour }) => ({
      pieceId,
      bays: numbers,
      driveIds,
      watts: watts.likely,
      cubicMetresPerHour,
      overRoomKelvin: kelvin,
      celsius: celsius(kelvin, roomCelsius),
    })),
    board: { ...board, celsius: celsius(board.kelvin, roomCelsius) },
    outletCelsius: outletKelvin && celsius(outletKelvin, roomCelsius),
    air: flow && {
      pastDrives: flow.pastDrives,
      pastBoard: flow.pastBoard,
      backThroughGap: flow.backThroughGap,
      supply: flow.supply,
      placesKnown: flow.placesKnown,
      missing: flow.missing,
    },
    missing: heat.missing,
  }
}

/** Null where the brief says nothing of the room. */
function celsius({ low, likely, high }: Band, room: HeatFigure['roomCelsius']): Band | null {
  return room === null ? null : { low: room + low, likely: room + likely, high: room + high }
}

/** How loud a machine is in each state, as JSON for other programs. */
export function printedNoise({ air }: Pick<Design, 'air'>, machine: Machine): object[] {
  return NOISE_STATES.map((state) => {
    const { likely, missing } = machineNoise(machine, state, fanDutyOf(air))
    return { state, decibels: likely, missing }
  })
}
