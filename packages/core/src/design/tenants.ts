import { z } from 'zod'
import { DATA_KINDS } from './brief'
import { documentId as id } from './pools/poolFields'

/** Who lives where: the pool of each kind of data, and the pools that hold nothing that must be kept. */
export const tenants = z.strictObject({
  /** Kinds that are not named go wherever there is room. */
  homes: z
    .array(z.strictObject({ kind: z.enum(DATA_KINDS), poolId: id }))
    .max(DATA_KINDS.length)
    .refine(
      (homes) => new Set(homes.map(({ kind }) => kind)).size === homes.length,
      'must name each kind of data once',
    )
    .default([]),
  /** Pools for scratch: their space is none for the data of the brief, and their loss is none of it. */
  scratchPoolIds: z.array(id).max(64).default([]),
})
export type Tenants = z.infer<typeof tenants>

export const NO_TENANTS: Tenants = { homes: [], scratchPoolIds: [] }
