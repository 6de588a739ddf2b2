import { MACHINE_STATES, type MachineStateId } from '@flint/core/editing'
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
} from 'class-validator'

/** Readings of one request, and of one answer. */
export const READINGS_PER_REQUEST = 1_000
export const READINGS_PER_PAGE = 100

/** What a reading was taken with. */
export const READING_SOURCES = ['bench', 'meter', 'pull test'] as const
export type ReadingSource = (typeof READING_SOURCES)[number]

const LONGEST_TEXT = 200
const MOST_WATTS = 100_000
const MOST_MINUTES = 100_000
const LONGEST_ID = 60

/** Watts at the wall, with the condition in which they were read; all but the watts may be left out. */
export class SendReading {
  @IsNumber({ allowInfinity: false, allowNaN: false }, { message: 'watts must be a number.' })
  @Min(0, { message: 'watts must be at least 0.' })
  @Max(MOST_WATTS, { message: `watts must be at most ${MOST_WATTS}.` })
  watts!: number

  /** Now where it is left out. */
  @IsOptional()
  @IsISO8601({ strict: true }, { message: 'takenAt must be a time as 2026-11-20T18:30:00Z.' })
  @MaxLength(40, { message: 'takenAt must be a time as 2026-11-20T18:30:00Z.' })
  takenAt?: string | null

  @IsOptional()
  @IsIn(MACHINE_STATES, { message: `state must be one of ${MACHINE_STATES.join(', ')}.` })
  state?: MachineStateId | null

  @IsOptional()
  @IsBoolean({ message: 'lidClosed must be true or false.' })
  lidClosed?: boolean | null

  /** Whether screen, keyboard and sticks were pulled out. */
  @IsOptional()
  @IsBoolean({ message: 'peripheralsOut must be true or false.' })
  peripheralsOut?: boolean | null

  /** Since the start, or since the last access. */
  @IsOptional()
  @IsInt({ message: 'minutesWaited must be a whole number.' })
  @Min(0, { message: 'minutesWaited must be at least 0.' })
  @Max(MOST_MINUTES, { message: `minutesWaited must be at most ${MOST_MINUTES}.` })
  minutesWaited?: number | null

  @IsOptional()
  @IsString({ message: 'meter must be a text.' })
  @MaxLength(LONGEST_TEXT, { message: `meter must be at most ${LONGEST_TEXT} characters long.` })
  meter?: string

  @IsOptional()
  @IsString({ message: 'note must be a text.' })
  @MaxLength(LONGEST_TEXT, { message: `note must be at most ${LONGEST_TEXT} characters long.` })
  note?: string

  @IsOptional()
  @IsIn(READING_SOURCES, { message: `source must be one of ${READING_SOURCES.join(', ')}.` })
  source?: ReadingSource

  /** For a pull test: the piece that was taken out, and what the meter showed before. */
  @IsOptional()
  @IsString({ message: 'pulledPieceId must be a text.' })
  @MaxLength(LONGEST_ID, {
    message: `pulledPieceId must be at most ${LONGEST_ID} characters long.`,
  })
  pulledPieceId?: string | null

  @IsOptional()
  @IsNumber({ allowInfinity: false, allowNaN: false }, { message: 'wattsBefore must be a number.' })
  @Min(0, { message: 'wattsBefore must be at least 0.' })
  @Max(MOST_WATTS, { message: `wattsBefore must be at most ${MOST_WATTS}.` })
  wattsBefore?: number | null
}

/** A reading as it is kept; null where nobody said it. */
export interface StoredReading {
  /** Of the reading, for asking for older ones. */
  number: string
  takenAt: string
  watts: number
  state: MachineStateId | null
  lidClosed: boolean | null
  peripheralsOut: boolean | null
  minutesWaited: number | null
  meter: string
  note: string
  source: ReadingSource
  pulledPieceId: string | null
  wattsBefore: number | null
}

export interface ReadingPage {
  /** Those that were taken last come first. */
  readings: StoredReading[]
  /** Of the design, on all pages. */
  total: number
}

/** What a stream of a meter sends with each event. */
export interface LiveReading {
  takenAt: string
  watts: number
  state: MachineStateId | null
  /** Whether no meter showed it: it was made up from the plan. */
  isSimulated: boolean
}
