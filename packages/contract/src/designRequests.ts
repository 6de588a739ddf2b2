import type { Design } from '@flint/core/editing'
import { IsInt, IsObject, Max, Min } from 'class-validator'

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
}
