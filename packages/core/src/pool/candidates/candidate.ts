import type { FamilyName, Pool } from '../../design/pools/pools'
import type { SizedDrive } from '../layoutFamily'

/** A drive of the pile, as far as it matters for what it could become. */
export interface CandidateDrive extends SizedDrive {
  /** Rate at its outer edge; null when no data sheet gives it. */
  outerRateBytesPerSecond: number | null
  /** Revolutions a minute; 0 for flash, null when not known. */
  rpm: number | null
}

/** One thing that the drives could become, with what speaks for and against it. */
export interface Candidate {
  id: string
  family: FamilyName
  title: string
  nativeName: string
  pool: Pool
  workingBytes: number
  /** The same less a file system's own tables, where `workingBytes` leaves them out: the two are compared by it. */
  comparedBytes: number
  alwaysSurvived: number
  /** What a failure beyond that takes along. */
  beyond: 'pool' | 'failed drives'
  /** Small reads a second, from all drives; null when a drive's speed is not known. */
  randomReadsPerSecond: number | null
  /** One large file from the front; null when a drive's rate is not known. */
  streamingBytesPerSecond: number | null
  /** Drives that must spin to read one film. */
  spinningDrives: number
  /** The fewest drives to add at a time. */
  growthDrives: number
  strandedBytes: number
  /** Nothing else is at least as good in every column and better in one. */
  unbeaten: boolean
}

/** The columns by which candidates are compared: what is better, more or less. */
export const CANDIDATE_COLUMNS = {
  workingBytes: 'more',
  alwaysSurvived: 'more',
  randomReadsPerSecond: 'more',
  streamingBytesPerSecond: 'more',
  spinningDrives: 'less',
  growthDrives: 'less',
} as const satisfies Partial<Record<keyof Candidate, 'more' | 'less'>>

export type CandidateColumn = keyof typeof CANDIDATE_COLUMNS
