import { z } from 'zod'
import { withSheetToday } from './oldFields'
import { cataloguePart } from './partKinds'

/** A part as any version has written it: old names of fields and old places of the price are read too. */
export const keptPart = z.preprocess(withSheetToday, cataloguePart)

/** What a file with a catalogue is called in itself. */
export const CATALOGUE_FORMAT = 'flint-shelf/catalogue'
/** Version 1 had the price on the data sheet; both are read, the newest is written. */
export const CATALOGUE_VERSION = 2
export const CATALOGUE_VERSIONS: readonly unknown[] = [1, CATALOGUE_VERSION]

/** The catalogue as a file. */
export const catalogueFile = z.strictObject({
  format: z.literal(CATALOGUE_FORMAT),
  version: z.literal([1, CATALOGUE_VERSION]),
  parts: z.array(keptPart).max(50_000),
})
