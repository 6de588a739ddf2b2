import type { BurnIn } from '../design/bench'
import { type Machine, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { MS_PER_HOUR } from '../units/time'
import { burnInPlan, PASSES } from './burnInPlan'
import type { SeenMachine } from './collected/seenMachine'
import type { SeenPair } from './seenAgainstFitted'

/** How far the burn-in of one drive is. */
export interface BurnInProgress {
  driveId: PieceId
  state: 'running' | 'overdue' | 'ended'
  /** Of what is to be written and read, as far as it is known or to be expected now; 1 only when it has ended. */
  doneShare: number
  /** By what: what the drive says that it moved, what somebody looked up, or the clock alone. */
  by: 'drive' | 'hand' | 'clock'
  /** When it is to be expected to end, or has ended; as ISO 8601 has it. */
  endsAt: string
}

/** Until a drive says so or somebody notes it, nothing is taken as done. */
const MOST_EXPECTED = 0.99
/** A drive that takes so much longer than its rate says is looked at. Common practice, no source. */
const OVERDUE = 1.25

/** Of one file: what each drive of the design has written and read in its life. */
export interface MovedBytes {
  at: string
  bytesOf: ReadonlyMap<PieceId, number>
}

/** What the drives of a file say that they have written and read; those that do not say it are not in it. */
export function movedBytes(
  { at }: Pick<SeenMachine, 'at'>,
  pairs: readonly SeenPair[],
): MovedBytes {
  return {
    at,
    bytesOf: new Map(
      pairs.flatMap(({ driveId, seen: { smart } }) => {
        const { writtenBytes = null, readBytes = null } = smart ?? {}
        if (writtenBytes === null && readBytes === null) return []
        return [[driveId, (writtenBytes ?? 0) + (readBytes ?? 0)] as const]
      }),
    ),
  }
}

/**
 * How far is the burn-in of each drive that was begun?
 *
 * What a drive says it has moved since then comes first, then what somebody has looked up, then the clock; from the last
 * of these on it is expected to go on at the rate of the drive. It ends when somebody says so.
 *
 * @param moved of all files, the oldest first
 * @param now as ISO 8601 has it
 * A drive that takes 26 hours and was begun 13 hours ago is at a half.
 */
export function burnInProgress(
  burnIns: readonly BurnIn[],
  machine: Machine,
  moved: readonly MovedBytes[],
  now: string,
): BurnInProgress[] {
  const hoursOf = new Map(
    burnInPlan(machine, 1).drives.map(({ driveId, hours }) => [driveId, hours]),
  )
  const sheetOf = new Map(piecesOf(machine, 'drive').map(({ id, dataSheet }) => [id, dataSheet]))
  return burnIns.flatMap((burnIn): BurnInProgress[] => {
    const { pieceId: driveId, startedAt, endedAt } = burnIn
    const hours = hoursOf.get(driveId)
    const bytes = sheetOf.get(driveId)?.capacityBytes
    if (hours === undefined || bytes === undefined) return []
    if (endedAt !== null) {
      return [{ driveId, state: 'ended', doneShare: 1, by: 'hand', endsAt: endedAt }]
    }
    const known = lastKnown(burnIn, moved, PASSES * bytes)
    const since = (Date.parse(now) - Date.parse(known.at)) / MS_PER_HOUR
    const doneShare = Math.min(MOST_EXPECTED, known.share + Math.max(0, since) / hours)
    const left = (1 - known.share) * hours
    const endsAt = new Date(Date.parse(known.at) + left * MS_PER_HOUR).toISOString()
    const took = (Date.parse(now) - Date.parse(startedAt)) / MS_PER_HOUR
    const state = took > hours * OVERDUE ? 'overdue' : 'running'
    return [{ driveId, state, doneShare, by: known.by, endsAt }]
  })
}

interface Known {
  at: string
  share: number
  by: BurnInProgress['by']
}

function lastKnown(
  { pieceId, startedAt, doneShare, lookedAt }: BurnIn,
  moved: readonly MovedBytes[],
  allBytes: number,
): Known {
  const told = moved.filter(({ bytesOf }) => bytesOf.has(pieceId))
  // What it had moved when it was begun: as the last file before says it, else the first one after.
  const before = told.filter(({ at }) => at <= startedAt).at(-1) ?? told[0]
  const last = told.at(-1)
  const known: Known[] = [{ at: startedAt, share: 0, by: 'clock' }]
  if (doneShare !== null && lookedAt !== null) {
    known.push({ at: lookedAt, share: doneShare, by: 'hand' })
  }
  if (before && last && last.at > startedAt && last !== before) {
    const bytes = (last.bytesOf.get(pieceId) ?? 0) - (before.bytesOf.get(pieceId) ?? 0)
    known.push({ at: last.at, share: Math.min(1, Math.max(0, bytes) / allBytes), by: 'drive' })
  }
  const newest = known.toSorted((one, other) => Date.parse(other.at) - Date.parse(one.at))[0]
  return newest ?? { at: startedAt, share: 0, by: 'clock' }
}
