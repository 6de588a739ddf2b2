import type { AskedPrice, CataloguePart, PartSheet } from '@flint/core/editing'
import { ArrayMaxSize, IsArray, IsInt, IsObject, IsOptional, Max, Min } from 'class-validator'
import { PARTS_PER_REQUEST } from './bounds'

/** Asks to keep a part of one's own: new, or changed. */
export class KeepPart {
  /** Read and checked by the core, which names the field inside. */
  @IsObject({ message: 'sheet must be a data sheet.' })
  sheet!: PartSheet

  /** What is asked for it; null or left out where nobody has said it. */
  @IsOptional()
  @IsObject({ message: 'price must be a price.' })
  price?: AskedPrice | null
}

/** Asks to take in parts of a file as one's own. */
export class TakeInParts {
  @IsArray({ message: 'parts must be a list.' })
  @ArrayMaxSize(PARTS_PER_REQUEST, { message: `parts must be at most ${PARTS_PER_REQUEST}.` })
  parts!: CataloguePart[]
}

/** Says how many pieces of a part lie in the house. */
export class NoteOwned {
  @IsInt({ message: 'ownedPieces must be a whole number.' })
  @Min(0, { message: 'ownedPieces must be at least 0.' })
  @Max(10_000, { message: 'ownedPieces must be at most 10,000.' })
  ownedPieces!: number
}
