import { z } from 'zod'

/** Fields that several kinds of part share, so that they are limited and worded once. */
export const shortText = z.string().trim().min(1).max(120)
export const count = z.int().min(0).max(1_000)
export const currencyCode = z.string().regex(/^[A-Z]{3}$/)
/** Money in whole minor units (cents). */
export const minorUnits = z.int().min(0).max(100_000_000_000)

/**
 * A value that a data sheet may lack. Null means that nobody has said it: rules that need it say
 * "not known" and never take it for zero.
 */
export function maybe<Schema extends z.ZodType>(schema: Schema) {
  return schema.nullable().default(null)
}

export const watts = maybe(z.number().min(0).max(10_000))
export const millimetres = z.number().positive().max(5_000)
export const grams = maybe(z.number().positive().max(500_000))

/** What one piece costs, and what sending the whole line of that part costs once. */
export const price = z.strictObject({
  currency: currencyCode,
  unitMinor: minorUnits,
  shippingMinor: minorUnits,
})

/** Where a value came from, when it is not the maker's own sheet. */
export const valueSource = z.enum(['measured', 'assumed'])

/** What every data sheet carries, whatever the part. */
export const sheetBase = {
  maker: shortText,
  model: shortText,
  price: maybe(price),
  weightGrams: grams,
  /** For each field that is not from the maker's sheet, where it came from. */
  sources: z.record(z.string().max(60), valueSource).default({}),
}

/** What a card in a slot needs and takes up. */
export const cardFields = {
  /** Lanes of its edge: the slot must be that long, or open at its end. */
  lanes: maybe(z.union([z.literal(1), z.literal(2), z.literal(4), z.literal(8), z.literal(16)])),
  pcieGeneration: maybe(z.int().min(1).max(7)),
  lengthMm: maybe(millimetres),
  bracket: maybe(z.enum(['full', 'half', 'both'])),
  idleWatts: watts,
  /** False when it has no link power management and so keeps the CPU out of its deep states. */
  permitsDeepIdle: maybe(z.boolean()),
}
