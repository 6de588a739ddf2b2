import { EVENT_KINDS, type EventKind, type LogEvent } from '@flint/core/figures'
import { IsIn, IsISO8601, IsOptional, IsString, MaxLength } from 'class-validator'

/** Of one request, and of one answer. */
export const EVENTS_PER_REQUEST = 1_000
export const EVENTS_PER_PAGE = 200

const LONGEST_TEXT = 1_000
const LONGEST_ID = 60

/** Something that happened to a machine. */
export class SendEvent {
  @IsIn(EVENT_KINDS, { message: `kind must be one of ${EVENT_KINDS.join(', ')}.` })
  kind!: EventKind

  /** Now where it is left out. */
  @IsOptional()
  @IsISO8601({ strict: true }, { message: 'at must be a time as 2026-11-20T18:30:00Z.' })
  @MaxLength(40, { message: 'at must be a time as 2026-11-20T18:30:00Z.' })
  at?: string | null

  /** The piece of the design that it is about. */
  @IsOptional()
  @IsString({ message: 'pieceId must be a text.' })
  @MaxLength(LONGEST_ID, { message: `pieceId must be at most ${LONGEST_ID} characters long.` })
  pieceId?: string | null

  @IsOptional()
  @IsString({ message: 'text must be a text.' })
  @MaxLength(LONGEST_TEXT, { message: `text must be at most ${LONGEST_TEXT} characters long.` })
  text?: string
}

export interface StoredEvent extends LogEvent {
  /** For asking for older ones. */
  number: string
}

export interface EventPage {
  /** Those that were kept last come first. */
  events: StoredEvent[]
  /** Of the design, on all pages. */
  total: number
}

/** Watts of a design over time, so many pieces at most, whatever was kept. */
export interface WattsSeries {
  /** Each with the least, the mean and the most of its readings. */
  pieces: { at: string; low: number; mean: number; high: number }[]
  total: number
}
