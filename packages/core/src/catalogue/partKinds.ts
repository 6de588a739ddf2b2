import { z } from 'zod'
import { askedPrice } from './askedPrice'
import type { PowerState } from './draws'
import { boardKind } from './kinds/board'
import { bootKind } from './kinds/boot'
import { cableKind } from './kinds/cable'
import { cageKind } from './kinds/cage'
import { chassisKind } from './kinds/chassis'
import { controllerKind } from './kinds/controller'
import { coolerKind } from './kinds/cooler'
import { cpuKind } from './kinds/cpu'
import { displayKind } from './kinds/display'
import { driveKind } from './kinds/drive'
import { enclosureKind } from './kinds/enclosure'
import { fanKind } from './kinds/fan'
import { memoryKind } from './kinds/memory'
import { mountingKind } from './kinds/mounting'
import { nicKind } from './kinds/nic'
import { placeKind } from './kinds/place'
import { riserKind } from './kinds/riser'
import { supplyKind } from './kinds/supply'
import { switchKind } from './kinds/switch'
import { upsKind } from './kinds/ups'
import type { PartKindDefinition } from './partKindDefinition'
import { maybe } from './sheetFields'

/** What of a definition does not depend on what its sheets look like. */
export type AnyKind = Omit<PartKindDefinition<never>, 'schema' | 'draws' | 'onlyWhere'> & {
  schema: z.ZodType
  draws: Record<PowerState, string | null>
  onlyWhere?: Readonly<Partial<Record<string, { name: string; is: unknown }>>>
}

/** Every kind of part, in the order in which they are listed. A new kind is one file in `kinds/` and one line here. */
export const partKinds = {
  chassis: chassisKind,
  board: boardKind,
  cpu: cpuKind,
  cooler: coolerKind,
  memory: memoryKind,
  supply: supplyKind,
  controller: controllerKind,
  nic: nicKind,
  display: displayKind,
  fan: fanKind,
  drive: driveKind,
  place: placeKind,
  cage: cageKind,
  cable: cableKind,
  enclosure: enclosureKind,
  ups: upsKind,
  boot: bootKind,
  riser: riserKind,
  mounting: mountingKind,
  switch: switchKind,
} satisfies Record<string, AnyKind>

export type PartKind = keyof typeof partKinds
export type SheetOf<Kind extends PartKind> = {
  [One in PartKind]: z.infer<(typeof partKinds)[One]['schema']>
}[Kind]
export type PartSheet = SheetOf<PartKind>

export const PART_KINDS = Object.keys(partKinds) as PartKind[]

/** The definition of a sheet's kind, ready to be asked about that sheet. */
export function kindOf<Sheet extends PartSheet>({ kind }: Sheet): PartKindDefinition<Sheet> {
  // Each definition takes sheets of its own kind, which looking it up by the kind cannot say.
  return partKinds[kind] as unknown as PartKindDefinition<Sheet>
}

/** A data sheet of any kind. */
export const partSheet = z.discriminatedUnion(
  'kind',
  Object.values(partKinds).map(({ schema, words }) =>
    (schema as unknown as z.ZodObject).meta({ title: words.one }),
  ) as unknown as [z.ZodObject, ...z.ZodObject[]],
) as unknown as z.ZodType<PartSheet>

/** A part of the catalogue: a data sheet under a name that stays, with a version that counts up. */
export const cataloguePart = z.strictObject({
  slug: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
    .max(80),
  version: z.int().min(1).max(1_000_000),
  sheet: partSheet,
  /** What was asked for it when it was last written down; null where nobody has said it. */
  price: maybe(askedPrice),
  /** Pieces of it that lie in the house already; they are offered first and cost nothing. */
  ownedPieces: z.int().min(0).max(10_000).optional(),
})

export type CataloguePart = z.infer<typeof cataloguePart>
