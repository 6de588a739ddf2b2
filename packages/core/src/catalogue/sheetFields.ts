import { z } from 'zod'
import { POWER_PLUGS } from './plugs'

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
export const decibels = maybe(z.number().min(0).max(120)).describe(
  'Sound pressure at one metre, at idle speed, dB(A).',
)
export const millimetres = z.number().positive().max(5_000)
export const grams = maybe(z.number().positive().max(500_000))

/** Where a value came from, when it is not the maker's own sheet. */
export const valueSource = z.enum(['measured', 'assumed'])

/** More than any data sheet has fields. */
const MOST_SOURCES = 200

/** What every data sheet carries, whatever the part. */
export const sheetBase = {
  maker: shortText,
  model: shortText,
  weightGrams: grams,
  sources: z
    .record(z.string().max(60), valueSource)
    .refine((sources) => Object.keys(sources).length <= MOST_SOURCES, {
      message: `has too many entries; ${MOST_SOURCES} is the most`,
    })
    .default({})
    .describe("For each field that is not from the maker's sheet, where it came from."),
}

/** Length of a card's edge or of a slot. */
export const edgeLanes = z.union([
  z.literal(1),
  z.literal(2),
  z.literal(4),
  z.literal(8),
  z.literal(16),
])

/** Keys of the M.2 sockets that something goes into; a notch in the wrong place keeps it out. */
export const M2_KEYS = ['M', 'B', 'E', 'A'] as const
export type M2Key = (typeof M2_KEYS)[number]
export const m2Keys = maybe(z.array(z.enum(M2_KEYS)).max(4)).describe(
  'For what goes into an M.2 socket: the keys it fits.',
)

export const m2LengthMm = maybe(z.int().min(16).max(160)).describe(
  'For what goes into an M.2 socket: its length, 80 for 2280.',
)

/** Firmware that something needs of a board, for each line of firmware that has a say in it. */
export const firmwareNeeds = maybe(
  z.array(z.strictObject({ family: shortText, version: z.int().min(0).max(100_000) })).max(40),
)

/** The firmware that something should have, as a text, since makers number theirs in ways of their own. */
export const firmwareWanted = maybe(z.string().trim().min(1).max(40)).describe(
  'The version of its firmware that it should have, as its maker or others advise.',
)

/** How fast USB is, as it is sold: 5e9 for what was once called 3.0. */
export const usbBitsPerSecond = maybe(z.number().positive().max(1e12))

/** Equal network ports of one piece. */
export const networkPort = z.strictObject({
  plug: z.enum(['RJ45', 'SFP+', 'SFP28']),
  bitsPerSecond: z.number().positive().max(1e12),
  count: z.int().min(1).max(64),
})

/** What a fan moves, as its maker gives the two ends of its curve. */
export const fanCurveFields = {
  flowCubicMetresPerHour: maybe(z.number().positive().max(2_000)).describe(
    'At full speed, with nothing in its way.',
  ),
  pressurePascals: maybe(z.number().positive().max(2_000)).describe(
    'At full speed, with its outlet closed.',
  ),
}

/** Generation of a PCI Express link. */
export const pcieGeneration = z.int().min(1).max(7)

/** What a slot or the edge of a card speaks. Nearly all speak PCI Express, and sheets of before say nothing of it. */
export const slotBus = z
  .enum(['PCIe', 'PCI'])
  .default('PCIe')
  .describe(
    'PCI: plain PCI, as on old boards, whose slots share 133 MB/s; lanes and generation say nothing then.',
  )
export type SlotBus = z.infer<typeof slotBus>

/** What a card in a slot needs and takes up. */
export const cardFields = {
  bus: slotBus,
  lanes: maybe(edgeLanes).describe(
    'Lanes of its edge: the slot must be that long, or open at its end.',
  ),
  pcieGeneration: maybe(pcieGeneration),
  lengthMm: maybe(millimetres),
  bracket: maybe(z.enum(['full', 'half', 'both'])),
  powerPlug: maybe(z.enum(['none', ...POWER_PLUGS])).describe(
    'A power plug of its own; null is read as none.',
  ),
  airMetresPerSecond: maybe(z.number().min(0).max(10)).describe(
    'Moving air that its maker asks for; 0 for none. 200 feet a minute are 1.016 m/s.',
  ),
  idleWatts: watts,
  permitsDeepIdle: maybe(z.boolean()).describe(
    'False when it has no link power management and so keeps the CPU out of its deep states.',
  ),
}
