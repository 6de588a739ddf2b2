import { z } from 'zod'
import { askedPrice } from '../catalogue/askedPrice'
import { partSheet } from '../catalogue/partKinds'
import { maybe, shortText } from '../catalogue/sheetFields'
import { bayId, pathChoices } from './pathChoices'
import { documentId as id } from './pools/poolFields'
import { type Group, type Pool, poolSchema } from './pools/pools'
import { airChoices } from './air'
import { benchNotes } from './bench'
import { brief } from './brief'
import { houseRules } from './houseRules'
import { moneyChoices } from './money'
import { networkChoices } from './networkChoices'
import { MOST_SERVICES, service } from './services'
import { tenants } from './tenants'

export const DESIGN_FORMAT = 'flint-shelf/design'
export const DESIGN_VERSION = 14

/** Where a mains plug can go. Sockets of one circuit in the wall fail together. */
export const MAINS_SOCKETS = ['wall', 'second circuit', 'UPS battery', 'UPS surge only'] as const
export type MainsSocket = (typeof MAINS_SOCKETS)[number]

/**
 * A data sheet as it was when the part was chosen. Designs compute from snapshots, so that a saved
 * design never changes under its owner when the catalogue does.
 */
const partSnapshot = z.strictObject({
  id,
  /** The catalogue's name for it, or null for a part of one's own. */
  slug: z.string().max(80).nullable(),
  catalogueVersion: z.int().min(0).max(1_000_000),
  sheet: partSheet,
  /** What the catalogue said was asked for it then; what is paid is in `money`. */
  price: maybe(askedPrice),
})

/** Pieces that a design may hold. */
export const MOST_FITTED = 1_024

/** Drives that start in groups, as a controller or backplane is told to let them. */
export const spinUp = z.strictObject({
  drivesAtOnce: z.int().min(1).max(MOST_FITTED),
  secondsApart: z.number().min(0).max(60),
})
export type SpinUp = z.infer<typeof spinUp>

/** The return of a drive, from asking for another until it is there. */
export const returnCase = z.strictObject({
  askedOn: z.iso.date().nullable().default(null),
  sentOn: z.iso.date().nullable().default(null),
  /** The day for which another one is promised. */
  promisedOn: z.iso.date().nullable().default(null),
  note: z.string().max(200).default(''),
})
export type ReturnCase = z.infer<typeof returnCase>

/** One physical piece. */
export const fittedPart = z.strictObject({
  id,
  snapshotId: id,
  /** Already in the house, so it costs nothing. */
  owned: z.boolean(),
  /** The piece that it came in, as a board in a machine sold whole, and that it was paid with. */
  within: id.nullable().default(null),
  /** The bay a drive sits in; null for everything else, and for a drive still on the bench. */
  bay: bayId.nullable(),
  /** Why a drive is not in the house; null for one that is. */
  away: z.enum(['sent back']).nullable().default(null),
  /** How its return goes, while it is sent back or waits to be; null where nobody has said it. */
  returned: returnCase.nullable().default(null),
  /** Of a member that was put in anew: the pool is still writing its share of everything onto it. */
  rebuilding: z.boolean().default(false),
  /** What is written on it: the end of a serial number, say. */
  label: z.string().max(40),
  /** Its whole serial number, as the machine tells it; empty where nobody has looked. */
  serial: z.string().max(64).default(''),
  /** For what has mains plugs: the socket that each goes into, as far as it is said. */
  sockets: z.array(z.enum(MAINS_SOCKETS)).max(2).default([]),
  ageYears: z.number().min(0).max(40).nullable(),
  /** Of flash: how much of its life is used up, as SMART tells it; null where nobody has looked. */
  wornShare: z.number().min(0).max(1).nullable().default(null),
})

/** The design document: everything shown is computed from it. */
export const designSchema = z.strictObject({
  format: z.literal(DESIGN_FORMAT),
  version: z.literal(DESIGN_VERSION),
  name: shortText,
  notes: z.string().max(10_000),
  brief,
  houseRules,
  snapshots: z.array(partSnapshot).max(1_024),
  fitted: z.array(fittedPart).max(MOST_FITTED),
  pools: z.array(poolSchema).max(64),
  /** Which pool holds what. */
  tenants: tenants.prefault({}),
  /** What small fast devices do beside holding files. */
  services: z.array(service).max(MOST_SERVICES).default([]),
  paths: pathChoices.prefault({}),
  network: networkChoices.prefault({}),
  air: airChoices.prefault({}),
  /** How drives are let start: so many at once, so many seconds apart; null for all together. */
  spinUp: spinUp.nullable().default(null),
  /** How its parts are bought, and what its sums of money assume. */
  money: moneyChoices.prefault({}),
  /** What has been done and tried at the bench. */
  bench: benchNotes.prefault({}),
})

export type Design = z.infer<typeof designSchema>
export type PartSnapshot = z.infer<typeof partSnapshot>
export type FittedPart = z.infer<typeof fittedPart>
export type { Group, Pool }
