import { kindOf } from '../catalogue/partKinds'
import { DRIVE_RAIL_VOLTS } from '../catalogue/plugs'
import { USUAL_FAN_DUTY } from '../design/air'
import type { SpinUp } from '../design/design'
import type { Machine } from '../machine/machine'
import { presentPieces } from '../machine/presentPieces'
import type { Piece } from '../machine/piece'
import type { Missing } from '../units/amount'
import { cpuDraw } from './cpuDraw'
import { USUAL_SPIN_UP_SECONDS } from './spinDown'
import { steadyDraw } from './steadyDraw'
import { type StartGroup, startGroups } from './startGroups'

/** Volts of the two rails that drives use. Source: Serial ATA power connector. */
export const RAIL_VOLTS = { twelve: DRIVE_RAIL_VOLTS, five: 5 } as const
export type Rail = keyof typeof RAIL_VOLTS

/** Share of a disk's idle watts that comes from each rail. Common practice, no source; flash takes all of it from 5 V. */
export const RUNNING_SHARE: Record<Rail, number> = { twelve: 0.6, five: 0.4 }

/** What a rail carries from some moment on. */
export interface StartMoment {
  atSeconds: number
  twelve: number
  five: number
  /** Drives that are starting. */
  starting: number
}

export interface StartCurve {
  /** From the first start until all drives turn; the last moment holds on. */
  moments: StartMoment[]
  /** The most that each rail carries, in amperes. */
  peak: Record<Rail, number>
  /** Values of drives that nobody gives, by rail: without them a rail carries at least so much. */
  missing: Record<Rail, Missing[]>
}

/**
 * What do the 12 V and 5 V rails carry while the drives start, second by second?
 *
 * A drive takes its starting current for as long as it needs to spin up, then what it idles with. The rest of the
 * machine is counted as if all of it were fed from 12 V, which is true of most of it, with the CPU as busy as firmware
 * keeps it.
 */
export function startCurve(machine: Machine, spinUp: SpinUp | null): StartCurve {
  return curveOf(startGroups(machine, spinUp), restAmps(machine))
}

/** Equal drives that start at one moment. */
interface Start {
  count: number
  from: number
  to: number
  starts: Record<Rail, number>
  runs: Record<Rail, number>
}

/**
 * The same for drives in groups that are known.
 * @param rest amperes at 12 V of everything but the drives
 */
export function curveOf(groups: readonly StartGroup[], rest: number): StartCurve {
  const starts = groups.flatMap(startsOf)
  const times = new Set([0])
  for (const { from, to } of starts) times.add(from).add(to)
  // The first of them that turn already, and what these take; hundreds that start one by one need no more.
  let turning = 0
  const base = { twelve: rest, five: 0 }
  const moments = [...times]
    .toSorted((one, other) => one - other)
    .map((atSeconds): StartMoment => {
      for (const { to, count, runs } of starts.slice(turning)) {
        if (atSeconds < to) break
        base.twelve += count * runs.twelve
        base.five += count * runs.five
        turning += 1
      }
      const moment = { atSeconds, ...base, starting: 0 }
      for (const start of starts.slice(turning)) {
        // Groups come in the order in which they start.
        if (atSeconds < start.from) break
        const isStarting = atSeconds < start.to
        const amps = isStarting ? start.starts : start.runs
        moment.twelve += start.count * amps.twelve
        moment.five += start.count * amps.five
        if (isStarting) moment.starting += start.count
      }
      return moment
    })
  return {
    moments,
    peak: {
      twelve: Math.max(...moments.map(({ twelve }) => twelve)),
      five: Math.max(...moments.map(({ five }) => five)),
    },
    missing: {
      twelve: missingStart(groups, 'start12VAmps'),
      five: missingStart(groups, 'start5VAmps'),
    },
  }
}

/** A group may be all drives of a machine, most of them of one model, so each model is counted once. */
function startsOf({ atSeconds, drives }: StartGroup): Start[] {
  const ofSheet = new Map<Piece<'drive'>['dataSheet'], Start>()
  for (const drive of drives) {
    const equal = ofSheet.get(drive.dataSheet)
    if (equal) {
      equal.count += 1
      continue
    }
    ofSheet.set(drive.dataSheet, {
      count: 1,
      from: atSeconds,
      to: atSeconds + spinUpSecondsOf(drive),
      starts: { twelve: startAmps(drive, 'twelve'), five: startAmps(drive, 'five') },
      runs: { twelve: runningAmps(drive, 'twelve'), five: runningAmps(drive, 'five') },
    })
  }
  return [...ofSheet.values()]
}

function missingStart(
  groups: readonly StartGroup[],
  field: 'start12VAmps' | 'start5VAmps',
): Missing[] {
  const missing: Missing[] = []
  for (const { drives } of groups) {
    for (const { id, dataSheet } of drives) {
      if (dataSheet.medium === 'disk' && dataSheet[field] === null) {
        missing.push({ pieceId: id, field })
      }
    }
  }
  return missing
}

/** What a drive takes of a rail while it starts. Flash has no surge; a disk that gives no current counts for nothing. */
export function startAmps(drive: Piece<'drive'>, rail: Rail): number {
  const { medium, start12VAmps, start5VAmps } = drive.dataSheet
  const given = rail === 'twelve' ? start12VAmps : start5VAmps
  return given ?? (medium === 'flash' ? runningAmps(drive, rail) : 0)
}

/** What a drive takes of a rail once it turns. */
export function runningAmps({ dataSheet }: Piece<'drive'>, rail: Rail): number {
  const share = dataSheet.medium === 'disk' ? RUNNING_SHARE[rail] : Number(rail === 'five')
  return ((dataSheet.idleWatts ?? 0) * share) / RAIL_VOLTS[rail]
}

/** From standing to turning; flash needs no time. */
export const spinUpSecondsOf = ({ dataSheet }: Piece<'drive'>): number =>
  dataSheet.medium === 'disk' ? (dataSheet.spinUpSeconds ?? USUAL_SPIN_UP_SECONDS.likely) : 0

/** What everything but the drives takes, as if all of it were fed from 12 V, in amperes. */
export function restAmps(machine: Machine): number {
  const { all } = presentPieces(machine)
  const watts = all.reduce((sum, piece) => {
    const { kind, dataSheet } = piece
    if (kind === 'drive' || kindOf(dataSheet).stands !== 'inside') return sum
    const idle = steadyDraw(piece, 'kept awake', USUAL_FAN_DUTY).likely
    return (
      sum +
      (kind === 'cpu' ? Math.max(idle, cpuDraw(piece as Piece<'cpu'>, 'firmware').likely) : idle)
    )
  }, 0)
  return watts / RAIL_VOLTS.twelve
}
