import { partKinds } from './catalogue/partKinds'
import type { Design } from './design/design'
import { type Machine, piecesOf } from './machine/machine'
import type { PowerFigure } from './power/idlePower'
import { machineDay } from './power/machineDay'
import { machineStates } from './power/machineStates'
import { savings } from './power/savings'
import { stagedWiring } from './power/stagedWiring'
import { startCurve } from './power/startCurve'
import { startSurge } from './power/startSurge'
import { statePowers } from './power/statePowers'
import { upsHolds } from './power/upsRuntime'
import type { Amount } from './units/amount'

const MONTHS = 12

/** Watts of a machine as JSON for other programs: idle as before, every state, its day, and what could be saved. */
export function printedPower(design: Design, machine: Machine, power: PowerFigure): object {
  const { terms, dc, beside, wall, asleep, mean, veto, costPerYear, shownState } = power
  const powerIn = statePowers(design, machine)
  const day = machineDay(design, powerIn)
  return {
    efficiency: power.efficiency,
    vetoPartIds: power.vetoPartIds,
    kilowattHoursPerYear: power.kilowattHoursPerYear,
    shownState,
    terms: terms.map((term) => ({ label: partKinds[term.kind].words.many, ...term })),
    dcWatts: dc.likely,
    besideWatts: beside.likely,
    lowWallWatts: wall?.low ?? null,
    wallWatts: wall?.likely ?? null,
    highWallWatts: wall?.high ?? null,
    asleep: printedWatts(asleep),
    mean: printedWatts(mean),
    vetoWatts: veto.likely,
    costPerYearMinor: costPerYear?.likely ?? null,
    missing: wall?.missing ?? dc.missing,
    states: machineStates.map((state) => ({
      state: state.id,
      ...printedWatts(powerIn(state.id).wall),
      veto: state.cpu === 'idle' ? power.vetoPartIds : [],
    })),
    day: day && {
      hours: day.hours,
      meanWatts: day.mean.likely,
      kilowattHoursPerMonth: day.kilowattHoursPerYear / MONTHS,
      costPerMonthMinor: day.costPerYear.likely / MONTHS,
    },
    start: printedStart(design, machine),
    savings: savings(design, machine, power),
    ups: printedUps(machine, wall),
  }
}

/** What rails, leads and plugs carry while the drives start, in amperes. */
function printedStart({ spinUp }: Pick<Design, 'spinUp'>, machine: Machine): object {
  const curve = startCurve(machine, spinUp)
  const { moments, peak, missing } = curve
  const wiring = stagedWiring(machine, spinUp)
  return {
    moments: moments.map(({ atSeconds, starting, twelve, five }) => ({
      atSeconds,
      drivesStarting: starting,
      amps12V: twelve,
      amps5V: five,
    })),
    peakAmps12V: peak.twelve,
    peakAmps5V: peak.five,
    rated12VAmps: startSurge(machine, spinUp, 'twelve', curve)?.ratedAmps ?? null,
    rated5VAmps: startSurge(machine, spinUp, 'five', curve)?.ratedAmps ?? null,
    leads: wiring?.leads.map(({ lead, startAmps, ratedAmps }) => {
      return { lead: lead.name, supplyId: lead.ref.supplyId, startAmps, ratedAmps }
    }),
    plugs: wiring?.feeds.map(({ end, startAmps, ratedAmps }) => {
      return { end: end.name, plug: end.plug, startAmps, ratedAmps }
    }),
    missing: [...missing.twelve, ...missing.five],
  }
}

/** How long the UPS holds the idle machine; null without one. */
function printedUps(machine: Machine, wall: Amount<'W'> | null): object | null {
  const [ups] = piecesOf(machine, 'ups')
  if (!ups) return null
  return { pieceId: ups.id, minutesIdle: wall && upsHolds(ups, wall).minutes }
}

function printedWatts(amount: Amount<'W'> | null): object {
  return {
    lowWatts: amount?.low ?? null,
    watts: amount?.likely ?? null,
    highWatts: amount?.high ?? null,
    missing: amount?.missing ?? [],
  }
}
