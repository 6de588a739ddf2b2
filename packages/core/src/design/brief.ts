import { z } from 'zod'
import { currencyCode, minorUnits } from '../catalogue/sheetFields'
import { MOST_READERS, reader } from './readers'

const bytes = z.int().min(0).max(1e18)

/** What the data is, which decides how it is read and how well it packs. */
export const DATA_KINDS = ['media', 'projects', 'backups', 'machine images', 'other'] as const
export type DataKind = (typeof DATA_KINDS)[number]

/**
 * How large a file of each kind usually is. Common practice, no source: films and series by the
 * gigabyte, raw pictures and project files by tens of megabytes, images of machines by tens of gigabytes.
 */
export const USUAL_FILE_BYTES: Record<DataKind, number> = {
  media: 4_000_000_000,
  projects: 50_000_000,
  backups: 500_000_000,
  'machine images': 40_000_000_000,
  other: 1_000_000,
}

const dataOfKind = z.strictObject({
  kind: z.enum(DATA_KINDS),
  /** There today, as a file system counts it. */
  nowBytes: bytes,
  growthBytesPerYear: bytes,
  /** How large one file usually is. */
  fileBytes: z.int().min(1).max(1e15),
})

/** What a machine does for an hour, as far as its watts differ by it. */
export const MACHINE_STATES = [
  'off',
  'firmware',
  'asleep',
  'spinning',
  'one reader',
  'all readers',
  'scrub',
  'conversion',
  'starting',
] as const
export type MachineStateId = (typeof MACHINE_STATES)[number]

/** States that last for hours. */
export const HOUR_STATES = [
  'off',
  'asleep',
  'spinning',
  'one reader',
  'all readers',
  'scrub',
  'conversion',
] as const satisfies readonly MachineStateId[]
export type HourState = (typeof HOUR_STATES)[number]

const dayOfHours = z.array(z.enum(HOUR_STATES)).length(24)

/** What the machine does in each hour of a day. */
export const dayProfile = z.strictObject({ weekday: dayOfHours, weekend: dayOfHours })
export type DayProfile = z.infer<typeof dayProfile>

/** Which figure the limit on watts is held against. */
export const LIMITED_STATES = ['spinning', 'asleep', 'mean'] as const
export type LimitedState = (typeof LIMITED_STATES)[number]

const hour = z.int().min(0).max(24)

/** A price of power that holds for some hours of the day; past midnight it is two bands. */
const priceBand = z
  .strictObject({ fromHour: hour, toHour: hour, minor: z.number().min(0).max(100_000) })
  .refine(({ fromHour, toHour }) => fromHour < toHour, 'must end after it begins')

export const brief = z.strictObject({
  /** One entry for each kind of data there is. */
  data: z
    .array(dataOfKind)
    .max(DATA_KINDS.length)
    .refine(
      (entries) => new Set(entries.map(({ kind }) => kind)).size === entries.length,
      'must name each kind of data once',
    ),
  /** The unit that sizes of data are entered in. */
  dataUnit: z.enum(['TiB', 'TB']).default('TiB'),
  /** How long it should last before drives are added. */
  horizonYears: z.number().min(0).max(30),
  /** People or programs that read at the same time, and the rate each needs. */
  readersAtOnce: z.int().min(0).max(1_000).default(0),
  readerBytesPerSecond: z.number().min(0).max(1e12).default(0),
  /** Those of them who have a link of their own; the others take whatever the machine gives. */
  readers: z.array(reader).max(MOST_READERS).default([]),
  currency: currencyCode,
  /** Price of a kilowatt-hour in minor units; fractions of a cent are usual. */
  pricePerKilowattHourMinor: z.number().min(0).max(100_000),
  /** Hours with another price; the price above holds for the rest of the day. */
  priceBands: z.array(priceBand).max(12).default([]),
  mainsVolts: z.union([z.literal(115), z.literal(230)]),
  /** Limits that a figure is held against; null means that none is set. */
  idleWattsLimit: z.number().positive().max(100_000).nullable(),
  idleState: z.enum(LIMITED_STATES).default('spinning'),
  /** Null for what is suggested from readers and house rules. */
  day: dayProfile.nullable().default(null),
  costLimitMinor: minorUnits.nullable(),
  /** The currency that the budget is counted in; null for that of the bill. */
  costLimitCurrency: currencyCode.nullable().default(null),
  /** The day by which it must do: what is bought after it is no part of it. Null for all that is bought. */
  costLimitBy: z.iso.date().nullable().default(null),
  /** Money for every later year: power, and what is added then. */
  laterMinorPerYear: minorUnits.nullable().default(null),
  failuresWanted: z.int().min(0).max(10).nullable(),
  /** How long the machine may be away, and how much of the newest work may be gone. */
  outageHoursTolerated: z.number().min(0).max(100_000).nullable().default(null),
  lossHoursTolerated: z.number().min(0).max(100_000).nullable().default(null),
  /** Room behind the case for plugs and cables; null for what is usual. */
  plugRoomMm: z.number().min(0).max(500).nullable().default(null),
  roomCelsius: z.number().min(-20).max(60).nullable().default(null),
  /** Memory that virtual machines and containers take together; null where nobody has said it. */
  guestMemoryBytes: z
    .int()
    .min(0)
    .max(2 ** 45)
    .nullable()
    .default(null),
  noiseLimitDecibels: z.number().min(0).max(100).nullable().default(null),
  freeBaysWanted: z.int().min(0).max(100),
  freeSlotsWanted: z.int().min(0).max(20).default(0),
  /** Where the second copy is; empty when nobody has said so. */
  secondCopy: z.string().max(400),
  /** How often the second copy is made. */
  secondCopyEveryHours: z.number().positive().max(100_000).nullable().default(null),
})

export type Brief = z.infer<typeof brief>
export type DataOfKind = z.infer<typeof dataOfKind>

/** All data there is today. */
export function dataNowBytes({ data }: Pick<Brief, 'data'>): number {
  return data.reduce((sum, { nowBytes }) => sum + nowBytes, 0)
}

/** What is added each year, of all kinds. */
export function growthBytesPerYear({ data }: Pick<Brief, 'data'>): number {
  return data.reduce((sum, entry) => sum + entry.growthBytesPerYear, 0)
}

/** Data that must fit at the end of the horizon. */
export function wantedBytes({ data, horizonYears }: Pick<Brief, 'data' | 'horizonYears'>): number {
  return dataNowBytes({ data }) + Math.round(growthBytesPerYear({ data }) * horizonYears)
}

/** What a design starts from when nobody has said anything yet. */
export const EMPTY_BRIEF: Brief = {
  data: [],
  dataUnit: 'TiB',
  horizonYears: 3,
  readersAtOnce: 0,
  readerBytesPerSecond: 0,
  readers: [],
  currency: 'EUR',
  pricePerKilowattHourMinor: 30,
  priceBands: [],
  mainsVolts: 230,
  idleWattsLimit: null,
  idleState: 'spinning',
  day: null,
  costLimitMinor: null,
  costLimitCurrency: null,
  costLimitBy: null,
  laterMinorPerYear: null,
  failuresWanted: null,
  outageHoursTolerated: null,
  lossHoursTolerated: null,
  plugRoomMm: null,
  roomCelsius: null,
  guestMemoryBytes: null,
  noiseLimitDecibels: null,
  freeBaysWanted: 0,
  freeSlotsWanted: 0,
  secondCopy: '',
  secondCopyEveryHours: null,
}
