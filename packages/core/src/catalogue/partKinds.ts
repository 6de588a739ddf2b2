import { z } from 'zod'
import { boardSheet } from './kinds/board'
import { chassisSheet } from './kinds/chassis'
import { bootSheet } from './kinds/boot'
import { cableSheet } from './kinds/cable'
import { cageSheet } from './kinds/cage'
import { controllerSheet } from './kinds/controller'
import { coolerSheet } from './kinds/cooler'
import { cpuSheet } from './kinds/cpu'
import { displaySheet } from './kinds/display'
import { driveSheet } from './kinds/drive'
import { enclosureSheet } from './kinds/enclosure'
import { fanSheet } from './kinds/fan'
import { memorySheet } from './kinds/memory'
import { nicSheet } from './kinds/nic'
import { placeSheet } from './kinds/place'
import { riserSheet } from './kinds/riser'
import { supplySheet } from './kinds/supply'
import { upsSheet } from './kinds/ups'

/**
 * Every kind of part. A new kind is one file in `kinds/` and one line here; the document's schema,
 * the catalogue's checks and the shipped JSON Schema follow from it.
 */
export const partSheet = z.discriminatedUnion('kind', [
  chassisSheet,
  boardSheet,
  cpuSheet,
  coolerSheet,
  memorySheet,
  supplySheet,
  controllerSheet,
  nicSheet,
  displaySheet,
  fanSheet,
  driveSheet,
  placeSheet,
  cageSheet,
  cableSheet,
  enclosureSheet,
  upsSheet,
  bootSheet,
  riserSheet,
])

export type PartSheet = z.infer<typeof partSheet>
export type PartKind = PartSheet['kind']
export type SheetOf<Kind extends PartKind> = Extract<PartSheet, { kind: Kind }>

/** A part of the catalogue: a data sheet under a name that stays, with a version that counts up. */
export const cataloguePart = z.strictObject({
  slug: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
    .max(80),
  version: z.int().min(1).max(1_000_000),
  sheet: partSheet,
  /** Pieces of it that lie in the house already; they are offered first and cost nothing. */
  ownedPieces: z.int().min(0).max(10_000).optional(),
})

export type CataloguePart = z.infer<typeof cataloguePart>

/** The catalogue as a file. */
export const catalogueFile = z.strictObject({
  format: z.literal('flint-shelf/catalogue'),
  version: z.literal(1),
  parts: z.array(cataloguePart).max(50_000),
})
