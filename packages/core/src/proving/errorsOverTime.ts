import type { SeenMachine, SmartReading } from './collected/seenMachine'
import { errorsSeen } from './errorsSeen'
import type { SeenPair } from './seenAgainstFitted'
import type { DriveErrors } from './tracing/traceFault'
import type { PieceId } from '../machine/piece'

/** One file, with which drive of the design each seen one is. */
export interface MatchedFile {
  seen: SeenMachine
  pairs: readonly SeenPair[]
}

/** What came between two files. */
export interface ErrorsBetween {
  /** Null for what a machine told the only time that it was asked. */
  from: string | null
  to: string
  errors: DriveErrors[]
}

/** Moving less than this gives a drive behind a bad part no occasion for errors. Common practice, no source. */
const BUSY_BYTES = 10e9

/**
 * When did the errors come?
 *
 * Counters never fall, so each file tells what has come since the one before it; what a drive had in the first one says
 * nothing about this machine, unless it is the only one. Counts of the pool begin anew when they are cleared.
 *
 * @param files the oldest first
 * @returns only times in which any came
 * Three errors by Monday and seven by Tuesday are four on Tuesday.
 */
export function errorsOverTime(files: readonly MatchedFile[]): ErrorsBetween[] {
  const [first] = files
  if (!first) return []
  if (files.length === 1) {
    const errors = errorsSeen(first.pairs, first.seen)
    return errors.length === 0 ? [] : [{ from: null, to: first.seen.at, errors }]
  }
  return files.slice(1).flatMap((file, index): ErrorsBetween[] => {
    const before = files[index] ?? first
    const known = new Map(readingsOf(before.seen))
    const errors = errorsSeen(file.pairs, membersSince(before.seen, file.seen), known)
    return errors.length === 0 ? [] : [{ from: before.seen.at, to: file.seen.at, errors }]
  })
}

/**
 * Which drives moved much since the first file, and had no error all the while? They speak against all that they hang on.
 *
 * @param files the oldest first; drives that do not say what they moved are not in it
 */
export function cleanDrives(
  files: readonly MatchedFile[],
  between: readonly ErrorsBetween[],
): PieceId[] {
  const [first, last] = [files[0], files.at(-1)]
  if (!first || !last || first === last) return []
  const hit = new Set(between.flatMap(({ errors }) => errors.map(({ driveId }) => driveId)))
  const before = new Map(readingsOf(first.seen))
  return last.pairs.flatMap(({ driveId, seen: { serial, smart } }) => {
    const old = before.get(serial ?? '')
    if (hit.has(driveId) || !old || !smart) return []
    return movedBy(smart) - movedBy(old) >= BUSY_BYTES ? [driveId] : []
  })
}

const movedBy = ({ writtenBytes, readBytes }: SmartReading): number =>
  (writtenBytes ?? 0) + (readBytes ?? 0)

/** Health of each drive by its serial number. */
export const readingsOf = ({ drives }: Pick<SeenMachine, 'drives'>): [string, SmartReading][] =>
  drives.flatMap(({ serial, smart }) => (serial !== null && smart ? [[serial, smart]] : []))

/** Members with the checksum errors that have come since. */
function membersSince(
  { members: before }: Pick<SeenMachine, 'members'>,
  { members }: Pick<SeenMachine, 'members'>,
): Pick<SeenMachine, 'members'> {
  return {
    members: members.map((member) => {
      const old = before.find(({ pool, name }) => pool === member.pool && name === member.name)
      const since = member.checksumErrors - (old?.checksumErrors ?? 0)
      // Fewer than before: they were cleared in between, and all that are there have come since.
      return { ...member, checksumErrors: since < 0 ? member.checksumErrors : since }
    }),
  }
}
