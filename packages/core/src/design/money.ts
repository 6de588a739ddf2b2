import { z } from 'zod'
import { currencyCode, minorUnits, shortText } from '../catalogue/sheetFields'
import { documentId as id } from './pools/poolFields'

/** What state a piece is bought in. */
export const CONDITIONS = ['new', 'used', 'out of an enclosure'] as const
export type Condition = (typeof CONDITIONS)[number]

/** When something is bought: it is paid already, it is to be ordered, or it can wait. */
export const BUY_WHEN = ['bought', 'now', 'later'] as const
export type BuyWhen = (typeof BUY_WHEN)[number]

const pieces = z.int().min(1).max(1_024)
const percent = z.number().min(0).max(100)
/** A calendar day as ISO 8601 has it: 2026-11-20. */
const day = z.iso.date()

/** How something is bought, whatever it is. */
const buying = {
  condition: z.enum(CONDITIONS).default('new'),
  /** Where, in the builder's own words; what has the same shop may share a parcel. */
  shop: z.string().max(120).default(''),
  /** Where it is offered, as text. */
  link: z.string().max(500).default(''),
  buy: z.enum(BUY_WHEN).default('now'),
  /** The day on which it was or is to be bought. */
  on: day.nullable().default(null),
  /** What sending all of it costs, unless it comes in the parcel of its shop; null where nobody has said it. */
  shippingMinor: minorUnits.nullable().default(null),
  sentWith: z.enum(['alone', 'order']).default('alone'),
  discountPercent: percent.default(0),
  /** Bought without tax, as from a private person. */
  taxFree: z.boolean().default(false),
}

const eachPrice = z.strictObject({ currency: currencyCode, unitMinor: minorUnits })

/** How pieces of one data sheet are bought. */
export const purchase = z.strictObject({
  id,
  snapshotId: id,
  /** How many of those that are to be bought; null for all that no other purchase takes. */
  pieces: pieces.nullable().default(null),
  /** Null for the price of the data sheet. */
  price: eachPrice.nullable().default(null),
  ...buying,
})
export type Purchase = z.infer<typeof purchase>

/** Something that the machine itself does not need: a spare, optics, a tool, screws. */
export const extra = z.strictObject({
  id,
  name: shortText,
  pieces: pieces.default(1),
  owned: z.boolean().default(false),
  price: eachPrice.nullable().default(null),
  ...buying,
})
export type Extra = z.infer<typeof extra>

/** Several pieces at one price. */
export const bundle = z.strictObject({
  id,
  name: shortText,
  holds: z.array(z.strictObject({ snapshotId: id, pieces })).max(64),
  price: z
    .strictObject({ currency: currencyCode, totalMinor: minorUnits })
    .nullable()
    .default(null),
  ...buying,
})
export type Bundle = z.infer<typeof bundle>

/** One parcel of a shop, for all that is sent with it, and what the shop takes off the whole. */
const order = z.strictObject({
  shop: z.string().min(1).max(120),
  currency: currencyCode,
  shippingMinor: minorUnits.nullable().default(null),
  discountMinor: minorUnits.default(0),
})
export type Order = z.infer<typeof order>

/** The builder's own rate: one `from` is worth so many `into`. */
const rate = z.strictObject({
  from: currencyCode,
  into: currencyCode,
  worth: z.number().positive().max(1e9),
  on: day,
})
export type Rate = z.infer<typeof rate>

/** What an owned piece would bring if it were sold. */
const resale = z.strictObject({ snapshotId: id, currency: currencyCode, unitMinor: minorUnits })

/** How a yearly rise happens: at once after every twelve months, or a little each month. */
export const RISES = ['yearly steps', 'smooth'] as const
export type Rise = (typeof RISES)[number]

const rising = {
  risePercent: z.number().min(-50).max(100).default(0),
  rise: z.enum(RISES).default('yearly steps'),
}

/** What the machine stands against. */
const alternative = z.discriminatedUnion('kind', [
  z.strictObject({
    id,
    kind: z.literal('subscriptions'),
    name: shortText,
    minorPerMonth: minorUnits,
    ...rising,
  }),
  /** Space by the month; null for all that must fit at the end. */
  z.strictObject({
    id,
    kind: z.literal('rented space'),
    name: shortText,
    minorPerTerabyteMonth: minorUnits,
    terabytes: z.number().positive().max(100_000).nullable().default(null),
    ...rising,
  }),
  z.strictObject({
    id,
    kind: z.literal('bought box'),
    name: shortText,
    onceMinor: minorUnits,
    /** Its power rises with that of the machine. */
    meanWatts: z.number().min(0).max(10_000).nullable().default(null),
  }),
  z.strictObject({
    id,
    kind: z.literal('present machine'),
    name: shortText,
    meanWatts: z.number().min(0).max(10_000).nullable().default(null),
    /** Repairs and drives, as they come. */
    minorPerYear: minorUnits.default(0),
    ...rising,
  }),
])
export type Alternative = z.infer<typeof alternative>
export type AlternativeKind = Alternative['kind']

/** What is assumed of the years that the machine runs. */
const ownership = z.strictObject({
  years: z.int().min(1).max(30).default(5),
  /** The price of power. */
  ...rising,
  /** Drives that fail in a year, of a hundred. Common practice, no source: one to two new, twice that used. */
  newFailuresPercent: percent.default(1.5),
  usedFailuresPercent: percent.default(3),
  /** What is left of what was paid when the years are over; null for nothing that is counted. */
  keptValuePercent: percent.nullable().default(null),
})
export type Ownership = z.infer<typeof ownership>

/** Whether prices are with or without tax, and how much that is; null where nobody has said it. */
const tax = z.strictObject({
  percent: percent.nullable().default(null),
  pricesInclude: z.boolean().default(true),
})

/** A list of things that each have an id of their own. */
const byId = <Schema extends z.ZodType<{ id: string }>>(schema: Schema, most: number) =>
  z
    .array(schema)
    .max(most)
    .refine(
      (all) => new Set(all.map((one) => one.id)).size === all.length,
      'must give each id once',
    )
    .default([])

/** Prices of a design's own, and what its sums of money assume. */
export const moneyChoices = z.strictObject({
  purchases: byId(purchase, 2_048),
  extras: byId(extra, 500),
  bundles: byId(bundle, 100),
  orders: z
    .array(order)
    .max(100)
    .refine(
      (orders) => new Set(orders.map(({ shop }) => shop)).size === orders.length,
      'must name each shop once',
    )
    .default([]),
  rates: z.array(rate).max(400).default([]),
  resale: z
    .array(resale)
    .max(1_024)
    .refine(
      (all) => new Set(all.map(({ snapshotId }) => snapshotId)).size === all.length,
      'must name each data sheet once',
    )
    .default([]),
  tax: tax.prefault({}),
  ownership: ownership.prefault({}),
  alternatives: byId(alternative, 20),
})
export type MoneyChoices = z.infer<typeof moneyChoices>

export const NO_MONEY_CHOICES: MoneyChoices = moneyChoices.parse({})
