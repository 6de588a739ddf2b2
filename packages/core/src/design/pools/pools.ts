import { z } from 'zod'
import { columnsShape } from './columnsPool'
import { fixedStripesShape } from './fixedStripesPool'
import { flexibleChunksShape } from './flexibleChunksPool'
import { dedicatedParityShape, scheduledParityShape } from './parityPools'
import type { FailureGroup } from './failureGroup'
import type { PoolShape } from './poolShape'
import { zfsShape } from './zfsPool'

/** How pools of every family are written down. A new family is registered here; what is missing of it then does not compile. */
const registered = [
  zfsShape,
  dedicatedParityShape,
  scheduledParityShape,
  fixedStripesShape,
  flexibleChunksShape,
  columnsShape,
] as const

type SchemasOf<Shapes extends readonly { schema: unknown }[]> = {
  [At in keyof Shapes]: Shapes[At]['schema']
}

/** A pool of a design, of any family. */
export const poolSchema = z.discriminatedUnion(
  'family',
  registered.map(({ schema }) => schema) as unknown as SchemasOf<typeof registered>,
)
export type Pool = z.infer<typeof poolSchema>
export type Group = Pool['groups'][number]
export type FamilyName = Pool['family']

// Each shape takes pools of its own family only; that it gets no other is what the family's name is for.
const byName = new Map(
  (registered as unknown as readonly PoolShape<Pool>[]).map((shape) => [shape.family, shape]),
)

function shapeOf({ family }: { family: FamilyName }): PoolShape<Pool> {
  const shape = byName.get(family)
  if (!shape) throw new RangeError(`There is no layout family called ${family}.`)
  return shape
}

/** The fewest members that a group of this pool can be made of. */
export function fewestMembers(pool: Pool, group: Group): number {
  return shapeOf(pool).fewestMembers(group)
}

/** The drives of a pool by whom they stand in for; every drive but spares is in exactly one group. */
export function failureGroupsOf(pool: Pool): FailureGroup[] {
  return shapeOf(pool).failureGroups(pool)
}
