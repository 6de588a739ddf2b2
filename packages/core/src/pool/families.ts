import { z } from 'zod'
import { columnsFamily } from './columns/columnsFamily'
import { dedicatedParityFamily, scheduledParityFamily } from './dedicatedParity/parityFamilies'
import { fixedStripesFamily } from './fixedStripes/fixedStripesFamily'
import { flexibleChunksFamily } from './flexibleChunks/flexibleChunksFamily'
import type { FamilyName, Pool } from '../design/pools/pools'
import type { LayoutFamily } from './layoutFamily'
import { zfsFamily } from './zfs/zfsFamily'

/** Every family of redundancy, in the order in which they are offered. A new one is registered here. */
const registered = [
  zfsFamily,
  dedicatedParityFamily,
  scheduledParityFamily,
  fixedStripesFamily,
  flexibleChunksFamily,
  columnsFamily,
] as const

type RequestsOf<Families extends readonly { schema: unknown; request: unknown }[]> = {
  [At in keyof Families]: Families[At]['request']
}

/** A question about one pool, of any family. */
export const requestSchema = z.discriminatedUnion(
  'family',
  registered.map(({ request }) => request) as unknown as RequestsOf<typeof registered>,
)
export type CapacityRequest = z.infer<typeof requestSchema>

/** Every family, for choosing among them. */
// Each takes pools of its own kind only; that it gets no other is what its name in the pool is for.
export const layoutFamilies = registered as unknown as readonly LayoutFamily<
  Pool,
  CapacityRequest
>[]

const byName = new Map(layoutFamilies.map((family) => [family.family, family]))

/**
 * The family of a pool or of a request.
 * @throws RangeError when it is not registered
 */
export function familyOf({ family }: { family: FamilyName }): LayoutFamily<Pool, CapacityRequest> {
  const found = byName.get(family)
  if (!found) throw new RangeError(`There is no layout family called ${family}.`)
  return found
}
