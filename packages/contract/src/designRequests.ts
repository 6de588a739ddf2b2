import type { Design } from '@flint/core/editing'
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator'

import { LONGEST_WHAT, MOST_UNANSWERED } from './bounds'

/** Asks for a new design on the shelf. */
export class CreateDesign {
  /** Read and checked by the core, which names the field inside. */
  @IsObject({ message: 'document must be a design document.' })
  document!: Design
}

/** Asks to save a design. */
export class SaveDesign {
  /** The revision this one was made from; another one in between is a conflict. */
  @IsInt({ message: 'basedOnRevision must be a whole number.' })
  @Min(1, { message: 'basedOnRevision must be at least 1.' })
  @Max(2_000_000_000, { message: 'basedOnRevision must be at most 2,000,000,000.' })
  basedOnRevision!: number

  @IsObject({ message: 'document must be a design document.' })
  document!: Design

  /** A new id for each attempt to save. */
  @IsOptional()
  @IsUUID(undefined, { message: 'saveId must be a UUID.' })
  saveId?: string

  /** Ids of earlier attempts of the same window that it never had an answer to; they are no conflict with it. */
  @IsOptional()
  @IsArray({ message: 'unanswered must be a list.' })
  @ArrayMaxSize(MOST_UNANSWERED, { message: `unanswered must be at most ${MOST_UNANSWERED}.` })
  @IsUUID(undefined, { each: true, message: 'unanswered must be UUIDs.' })
  unanswered?: string[]

  /** What was done since that revision, in the words of the edits; for whoever looks for a revision. */
  @IsOptional()
  @IsString({ message: 'what must be a text.' })
  @MaxLength(LONGEST_WHAT, { message: `what must be at most ${LONGEST_WHAT} characters long.` })
  what?: string
}
