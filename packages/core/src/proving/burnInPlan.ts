import type { Machine } from '../machine/machine'
import { piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { driveSurface } from '../paths/driveSurface'
import { surfaceSeconds } from '../paths/surfaceSeconds'
import { SECONDS_PER_HOUR } from '../units/time'

/** How long each drive takes, and which run at the same time. */
export interface BurnInPlan {
  drives: {
    driveId: PieceId
    /** Written once and read once from end to end, at its own rate. */
    hours: number
    /** Whether its rate was assumed, as no data sheet gives it. */
    isAssumed: boolean
  }[]
  /** Drives that run together, one batch after the other. */
  batches: { driveIds: PieceId[]; startsHour: number; hours: number }[]
  totalHours: number
}

/** One pass of writing and one of reading. */
export const PASSES = 2

/**
 * How long does it take to write and read every drive once from end to end?
 *
 * Each runs at its own rate, which falls from its outer to its inner edge; the longest drives come first, so that a
 * batch is not held up by one. Links that are shared are taken to be quick enough, as few drives fill them.
 *
 * @param atOnce how many run at a time, within what the supply and the air bear
 * A disk of 10 TB at 214 MB/s on the mean takes 13 hours a pass (common practice: "13 h per 10 TB").
 */
export function burnInPlan(machine: Machine, atOnce: number): BurnInPlan {
  const away = new Set(machine.awayIds)
  const drives = piecesOf(machine, 'drive')
    .filter(({ id }) => !away.has(id))
    .map(({ id, dataSheet }) => ({
      driveId: id,
      hours: (PASSES * surfaceSeconds([driveSurface(dataSheet)], Infinity)) / SECONDS_PER_HOUR,
      isAssumed: dataSheet.outerRateBytesPerSecond === null,
    }))
    .sort((one, other) => other.hours - one.hours)
  const batches: BurnInPlan['batches'] = []
  const size = Math.max(1, Math.floor(atOnce))
  let startsHour = 0
  for (let at = 0; at < drives.length; at += size) {
    const batch = drives.slice(at, at + size)
    const hours = Math.max(...batch.map((one) => one.hours))
    batches.push({ driveIds: batch.map(({ driveId }) => driveId), startsHour, hours })
    startsHour += hours
  }
  return { drives, batches, totalHours: startsHour }
}
