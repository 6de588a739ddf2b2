import { z } from 'zod'
import { currencyCode, minorUnits } from '../catalogue/sheetFields'

const bytes = z.int().min(0).max(1e18)

export const brief = z.strictObject({
  /** Data there is today, as a file system counts it. */
  dataNowBytes: bytes,
  growthBytesPerYear: bytes,
  /** How long it should last before drives are added. */
  horizonYears: z.number().min(0).max(30),
  currency: currencyCode,
  /** Price of a kilowatt-hour in minor units; fractions of a cent are usual. */
  pricePerKilowattHourMinor: z.number().min(0).max(100_000),
  mainsVolts: z.union([z.literal(115), z.literal(230)]),
  /** Limits that a figure is held against; null means that none is set. */
  idleWattsLimit: z.number().positive().max(100_000).nullable(),
  costLimitMinor: minorUnits.nullable(),
  failuresWanted: z.int().min(0).max(10).nullable(),
  freeBaysWanted: z.int().min(0).max(100),
  /** Where the second copy is; empty when nobody has said so. */
  secondCopy: z.string().max(400),
})

export type Brief = z.infer<typeof brief>

/** Data that must fit at the end of the horizon. */
export function wantedBytes({ dataNowBytes, growthBytesPerYear, horizonYears }: Brief): number {
  return dataNowBytes + Math.round(growthBytesPerYear * horizonYears)
}

/** What a design starts from when nobody has said anything yet. */
export const EMPTY_BRIEF: Brief = {
  dataNowBytes: 0,
  growthBytesPerYear: 0,
  horizonYears: 3,
  currency: 'EUR',
  pricePerKilowattHourMinor: 30,
  mainsVolts: 230,
  idleWattsLimit: null,
  costLimitMinor: null,
  failuresWanted: null,
  freeBaysWanted: 0,
  secondCopy: '',
}
