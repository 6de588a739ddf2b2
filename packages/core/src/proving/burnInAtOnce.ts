import { airFlow } from '../heat/airFlow'
import { allowedCelsius } from '../heat/allowedCelsius'
import { type HeatDesign, heatInState } from '../heat/machineHeat'
import type { HouseRules } from '../design/houseRules'
import { type Machine, piecesOf } from '../machine/machine'
import type { Piece, PieceId } from '../machine/piece'
import { driveDraw } from '../power/driveDraw'
import { machineState, type MachineState } from '../power/machineStates'
import { drawnInState } from '../power/statePower'

/** How many drives may be burnt in together. */
export interface BurnInAtOnce {
  drives: number
  /** As many as the supply carries; null without one, or where watts are not known. */
  bySupply: number | null
  /** As many as stay below what the house allows, wherever they sit; null where watts or the room are not known. */
  byAir: number | null
  /** The least of these, and one at least, since a drive is burnt in somehow. */
  atOnce: number
}

type BurnInDesign = HeatDesign & { houseRules: Readonly<Pick<HouseRules, 'driveCelsiusMost'>> }

/**
 * How many drives can be written and read from end to end at the same time?
 *
 * While so many are at work, all others spin and wait, and the CPU checks what is read. The supply carries as many of
 * the hungriest as its rating has room for. The air carries as many as may sit in one row without its warmest drive
 * likely to pass what the house and its makers allow, so that it makes no difference in which bays a batch is.
 *
 * For example seven of twelve, where the eighth at work would pass the rated watts.
 */
export function burnInAtOnce(design: BurnInDesign, machine: Machine): BurnInAtOnce {
  const away = new Set(machine.awayIds)
  const drives = piecesOf(machine, 'drive')
    .filter(({ id }) => !away.has(id))
    .toSorted((one, other) => readingWatts(other) - readingWatts(one))
  const all = drives.length
  const supplies = piecesOf(machine, 'supply')
  const ratedWatts = supplies.reduce((sum, { dataSheet }) => sum + dataSheet.ratedWatts, 0)
  const atWork = drawnInState(design, machine, burningIn(new Set(drives.map(({ id }) => id))))
  // Watts that nobody gives would count as none, and all of the drives would seem to do.
  const bySupply =
    supplies.length === 0 || atWork.dc.missing.length > 0
      ? null
      : mostThat(all, (count) => {
          const busy = new Set(drives.slice(0, count).map(({ id }) => id))
          return drawnInState(design, machine, burningIn(busy)).dc.likely <= ratedWatts
        })
  const { roomCelsius } = design.brief
  const flow = airFlow(machine, design.air)
  const rows = heatInState(design, machine, flow, burningIn(new Set())).rows.filter(
    ({ hasDisk }) => hasDisk,
  )
  const idsInRows = rows.flatMap(({ driveIds }) => driveIds)
  const allowed = allowedCelsius(design.houseRules, machine, idsInRows)
  const inOrder = new Map(drives.map(({ id }, at) => [id, at]))
  /** The hungriest of each row, as if all of a batch sat in it; rows do not warm each other. */
  const inOneRow = (count: number): Set<PieceId> =>
    new Set(
      rows.flatMap(({ driveIds }) =>
        driveIds
          .toSorted((one, other) => (inOrder.get(one) ?? all) - (inOrder.get(other) ?? all))
          .slice(0, count),
      ),
    )
  const byAir =
    roomCelsius === null || rows.some(({ watts }) => watts.missing.length > 0)
      ? null
      : mostThat(all, (count) => {
          const heat = heatInState(design, machine, flow, burningIn(inOneRow(count)))
          const kelvins = heat.rows
            .filter(({ hasDisk }) => hasDisk)
            .map(({ kelvin }) => kelvin.likely)
          return roomCelsius + Math.max(...kelvins) <= allowed
        })
  return {
    drives: all,
    bySupply,
    byAir,
    atOnce: Math.max(1, Math.min(all, bySupply ?? all, byAir ?? all)),
  }
}

const readingWatts = (drive: Piece<'drive'>): number => driveDraw(drive, 'reading').likely

/** Some drives are written or read, the others spin. */
const burningIn = (busy: ReadonlySet<PieceId>): MachineState => ({
  ...machineState('scrub'),
  drives: () => (driveId) => (busy.has(driveId) ? 'reading' : 'spinning'),
})

/** The largest number up to `most` that something holds for; what holds for more holds for fewer too. */
function mostThat(most: number, holds: (count: number) => boolean): number {
  let [low, high] = [0, most]
  while (low < high) {
    const middle = Math.ceil((low + high) / 2)
    if (holds(middle)) low = middle
    else high = middle - 1
  }
  return low
}
