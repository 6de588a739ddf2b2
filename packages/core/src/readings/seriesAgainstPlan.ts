import { type Machine, piecesOf } from '../machine/machine'
import { idlePower } from '../power/idlePower'
import { machineDay } from '../power/machineDay'
import type { StateDesign } from '../power/machineStates'
import { statePowers } from '../power/statePowers'
import { type AgainstPlan, againstPlan } from './againstPlan'
import { type Cause, differenceCauses } from './differenceCauses'
import type { ReadSeries } from './readSeries'
import { type SeriesFigures, seriesFigures } from './seriesFigures'

const WATTS_PER_KILOWATT = 1_000

/** A logged series, and how it stands to the plan of a design. */
export interface SeriesAgainstPlan extends SeriesFigures {
  /** How the log was read. */
  read: Omit<ReadSeries, 'readings'> & { readings: number }
  /** Below this the machine counts as asleep; null where the plan does not tell both apart. */
  asleepBelowWatts: number | null
  /** Of what was measured, at the mean price of the plan; null without a supply. */
  costMinor: number | null
  plan: {
    mean: AgainstPlan | null
    /** In as many hours. */
    kilowattHours: number | null
    /** Why it may differ, in the order in which to look; empty where it does not. */
    causes: Cause[]
  }
}

/**
 * How does a logged series stand to the plan of a design?
 *
 * @returns null for fewer than two readings
 */
export function seriesAgainstPlan(
  design: StateDesign,
  machine: Machine,
  { readings, ...read }: ReadSeries,
): SeriesAgainstPlan | null {
  const powerIn = statePowers(design, machine)
  const [asleep, spinning] = [powerIn('asleep').wall, powerIn('spinning').wall]
  const middle =
    asleep && spinning && asleep.likely < spinning.likely
      ? (asleep.likely + spinning.likely) / 2
      : null
  const figures = seriesFigures(readings, middle)
  if (!figures) return null
  const day = machineDay(design, powerIn)
  const mean = day && againstPlan(figures.meanWatts, day.mean)
  const perKilowattHour =
    day && day.kilowattHoursPerYear > 0 ? day.costPerYear.likely / day.kilowattHoursPerYear : null
  return {
    read: { ...read, readings: readings.length },
    ...figures,
    asleepBelowWatts: middle,
    costMinor:
      perKilowattHour === null ? null : Math.round(figures.kilowattHours * perKilowattHour),
    plan: {
      mean,
      kilowattHours: day && (day.mean.likely * figures.hours) / WATTS_PER_KILOWATT,
      causes: mean ? causesOf(design, machine, mean) : [],
    },
  }
}

function causesOf(design: StateDesign, machine: Machine, { stands }: AgainstPlan): Cause[] {
  if (stands !== 'above' && stands !== 'below') return []
  const power = idlePower(design, machine)
  const [supply] = piecesOf(machine, 'supply')
  return differenceCauses(
    power,
    stands === 'above',
    design.houseRules.spinDownMinutes !== null,
    supply ? power.dc.likely / supply.dataSheet.ratedWatts : null,
  )
}
