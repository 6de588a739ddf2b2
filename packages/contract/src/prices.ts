import { CONDITIONS, type Condition } from '@flint/core/editing'
import type { PriceFigures, PriceObservation } from '@flint/core/figures'
import {
  IsIn,
  IsInt,
  IsISO8601,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator'

/** Prices of one request, and of one answer. */
export const PRICES_PER_REQUEST = 1_000
export const PRICES_PER_PAGE = 1_000

const MOST_MINOR = 100_000_000_000
const SLUG = /^[a-z0-9]+(-[a-z0-9]+)*$/
const CURRENCY = /^[A-Z]{3}$/
const DAY = /^\d{4}-\d{2}-\d{2}$/

/** What somebody saw that a part costs. */
export class SendPrice {
  @IsString({ message: 'slug must be a text.' })
  @Matches(SLUG, { message: 'slug must be the name of a part.' })
  @MaxLength(80, { message: 'slug must be at most 80 characters long.' })
  slug!: string

  @IsString({ message: 'seenOn must be a day as 2026-11-20.' })
  @Matches(DAY, { message: 'seenOn must be a day as 2026-11-20.' })
  @IsISO8601({ strict: true }, { message: 'seenOn must be a day as 2026-11-20.' })
  seenOn!: string

  @IsString({ message: 'currency must be a code of three letters.' })
  @Matches(CURRENCY, { message: 'currency must be a code of three letters.' })
  currency!: string

  @IsInt({ message: 'unitMinor must be a whole number.' })
  @Min(0, { message: 'unitMinor must be at least 0.' })
  @Max(MOST_MINOR, { message: `unitMinor must be at most ${MOST_MINOR}.` })
  unitMinor!: number

  @IsOptional()
  @IsInt({ message: 'shippingMinor must be a whole number.' })
  @Min(0, { message: 'shippingMinor must be at least 0.' })
  @Max(MOST_MINOR, { message: `shippingMinor must be at most ${MOST_MINOR}.` })
  shippingMinor?: number | null

  @IsOptional()
  @IsIn(CONDITIONS, { message: `condition must be one of ${CONDITIONS.join(', ')}.` })
  condition?: Condition

  @IsOptional()
  @IsString({ message: 'shop must be a text.' })
  @MaxLength(120, { message: 'shop must be at most 120 characters long.' })
  shop?: string

  @IsOptional()
  @IsString({ message: 'link must be a text.' })
  @MaxLength(500, { message: 'link must be at most 500 characters long.' })
  link?: string
}

/** Asks for prices: of one part, or of all. */
export class ListPrices {
  @IsOptional()
  @Matches(SLUG, { message: 'slug must be the name of a part.' })
  @MaxLength(80, { message: 'slug must be at most 80 characters long.' })
  slug?: string

  @IsOptional()
  @Matches(/^[1-9]\d{0,14}$/, { message: 'before must be a number of a price.' })
  before?: string
}

/** Asks what the prices of a part come to. */
export class AskPriceFigures {
  @Matches(SLUG, { message: 'slug must be the name of a part.' })
  @MaxLength(80, { message: 'slug must be at most 80 characters long.' })
  slug!: string

  /** Prices in others are left out; the one of the target, or of the newest price, where none is said. */
  @IsOptional()
  @Matches(CURRENCY, { message: 'currency must be a code of three letters.' })
  currency?: string

  /** The first day that counts; all of them without it. */
  @IsOptional()
  @Matches(DAY, { message: 'from must be a day as 2026-11-20.' })
  @IsISO8601({ strict: true }, { message: 'from must be a day as 2026-11-20.' })
  from?: string
}

/** What a builder's target is, with shipping; null for none any longer. */
export class SetPriceTarget {
  @IsString({ message: 'currency must be a code of three letters.' })
  @Matches(CURRENCY, { message: 'currency must be a code of three letters.' })
  currency!: string

  @IsOptional()
  @IsInt({ message: 'targetMinor must be a whole number.' })
  @Min(0, { message: 'targetMinor must be at least 0.' })
  @Max(MOST_MINOR, { message: `targetMinor must be at most ${MOST_MINOR}.` })
  targetMinor?: number | null
}

export interface StoredPrice extends PriceObservation {
  /** Of the price, for asking for older ones. */
  number: string
}

export interface PricePage {
  /** The last ones first. */
  prices: StoredPrice[]
  total: number
}

/** What the kept prices of a part in one currency come to. */
export interface PartPriceFigures {
  currency: string
  /** For each condition that it was seen in; used and new ones have no figures in common. */
  of: {
    condition: Condition
    /** Null where none is in the window. */
    figures: PriceFigures<StoredPrice> | null
    /** The lowest with shipping of each day, the first day first, of all windows. */
    byDay: { day: string; minor: number }[]
  }[]
}

/** A part whose price is watched. */
export interface WatchedPart {
  slug: string
  /** Null where there is none. */
  target: { currency: string; targetMinor: number } | null
  /** Prices of it that are kept, and the newest of them; null where there is none. */
  count: number
  last: StoredPrice | null
}
