import type { FittedPart } from '../design/design'
import type { SeenPair } from '../proving/seenAgainstFitted'

/** What a drive tells of itself that a design has noted otherwise, or not at all. */
export interface DriveNote {
  driveId: string
  /** From its hours of power; null where it does not tell them, or it says the same. */
  ageYears: number | null
  /** Of flash; null likewise. */
  wornShare: number | null
}

const HOURS_PER_YEAR = 8_766
/** Nearer than this nothing is worth a change. */
const SAME_YEARS = 0.1
const SAME_SHARE = 0.005

/**
 * Which ages and wear that a design has could be replaced by what drives tell of themselves?
 *
 * Hours of power count as age: a drive that lay on a shelf is younger than its box says. A drive that is only guessed
 * to be this one tells nothing of it.
 *
 * 26,298 hours are three years.
 */
export function driveNotes(
  fitted: readonly Pick<FittedPart, 'id' | 'ageYears' | 'wornShare'>[],
  pairs: readonly Pick<SeenPair, 'driveId' | 'seen' | 'isGuess'>[],
): DriveNote[] {
  return pairs.flatMap(({ driveId, seen: { smart }, isGuess }): DriveNote[] => {
    const part = fitted.find(({ id }) => id === driveId)
    if (!part || !smart || isGuess) return []
    const age = smart.hours === null ? null : smart.hours / HOURS_PER_YEAR
    const ageYears = differs(part.ageYears, age, SAME_YEARS) ? roundTo(age, 100) : null
    const worn = smart.usedShare === null ? null : Math.min(1, smart.usedShare)
    const wornShare = differs(part.wornShare, worn, SAME_SHARE) ? worn : null
    return ageYears === null && wornShare === null ? [] : [{ driveId, ageYears, wornShare }]
  })
}

const differs = (noted: number | null, told: number | null, least: number): boolean =>
  told !== null && (noted === null || Math.abs(noted - told) > least)

const roundTo = (value: number | null, parts: number): number | null =>
  value === null ? null : Math.round(value * parts) / parts
