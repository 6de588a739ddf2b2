import { z } from 'zod'
import { KIB, MIB } from '../../units/bytes'
import { groupOf, MOST_COLUMNS, pieceBytes, poolFields } from './poolFields'
import type { PoolShape } from './poolShape'

export const columnParity = z.union([z.literal(0), z.literal(1), z.literal(2)])

const schema = z.strictObject({
  ...poolFields,
  family: z.literal('columns'),
  columns: z.int().min(1).max(MOST_COLUMNS),
  parity: columnParity,
  slabBytes: pieceBytes.default(256 * MIB),
  interleaveBytes: pieceBytes.default(64 * KIB),
  groups: z.array(groupOf(['columns'])).max(1),
})
export type ColumnDesignPool = z.infer<typeof schema>

export const columnsShape: PoolShape<ColumnDesignPool> = {
  family: 'columns',
  schema,
  fewestMembers: () => 1,
  // Which slabs share which drives is not fixed, so any more failures may hit some of them.
  failureGroups: (pool) =>
    pool.groups.map(({ id, driveIds }) => ({
      groupIds: [id],
      driveIds,
      tolerates: driveIds.length < pool.columns ? 0 : pool.parity,
      by: pool.parity === 0 ? 'nothing' : 'parity',
    })),
}
