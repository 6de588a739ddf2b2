import { IsIn, IsOptional, Length, Matches } from 'class-validator'

/** How a list of designs can be ordered. */
export const SHELF_ORDERS = ['made', 'changed', 'name', 'space', 'watts', 'cost'] as const
export type ShelfOrder = (typeof SHELF_ORDERS)[number]

/** Asks for a page of the shelf. */
export class ListDesigns {
  /** Words that the name or the notes have. */
  @IsOptional()
  @Length(0, 200, { message: 'find must be at most 200 characters.' })
  find?: string

  @IsOptional()
  @IsIn(SHELF_ORDERS, { message: `order must be one of ${SHELF_ORDERS.join(', ')}.` })
  order?: ShelfOrder

  @IsOptional()
  @Matches(/^[1-9]\d{0,5}$/, { message: 'page must be a whole number from 1.' })
  page?: string
}

/** Asks for revisions. */
export class ListRevisions {
  /** Only those before this one. */
  @IsOptional()
  @Matches(/^[1-9]\d{0,8}$/, { message: 'before must be a revision.' })
  before?: string
}

/** Asks for entries of a long list. */
export class ListEntries {
  /** Only those older than the one with this number. */
  @IsOptional()
  @Matches(/^[1-9]\d{0,14}$/, { message: 'before must be a number of an entry.' })
  before?: string
}

/** Asks for a page of the catalogue. */
export class ListParts {
  /** Only those that come after the one of this name, by the alphabet. */
  @IsOptional()
  @Length(1, 80, { message: 'after must be the name of a part.' })
  after?: string
}

/** Gives a revision a name. */
export class NameRevision {
  /** Null takes it away. */
  @IsOptional()
  @Length(1, 120, { message: 'A name has 1 to 120 characters.' })
  label!: string | null
}

/** Asks for a design on paper. */
export class PrintList {
  /** How digits and money are written: a language tag as de-AT. */
  @IsOptional()
  @Matches(/^[a-z]{2,3}(-[A-Za-z0-9]{2,8}){0,3}$/, {
    message: 'locale must be a language as de-AT.',
  })
  locale?: string
}
