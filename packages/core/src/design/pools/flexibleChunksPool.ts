import { z } from 'zod'
import { GIB } from '../../units/bytes'
import { groupOf, pieceBytes, poolFields } from './poolFields'
import type { PoolShape } from './poolShape'

export const CHUNK_PROFILES = [
  'single',
  'two-copies',
  'three-copies',
  'single-parity',
  'double-parity',
] as const
export type ChunkProfile = (typeof CHUNK_PROFILES)[number]

const schema = z.strictObject({
  ...poolFields,
  family: z.literal('flexible-chunks'),
  chunkBytes: pieceBytes.default(GIB),
  groups: z.array(groupOf(CHUNK_PROFILES)).max(1),
})
export type ChunkPool = z.infer<typeof schema>

interface ProfileRule {
  /** Devices that must have room for a chunk. */
  fewest: number
  /** Failures that are always survived. */
  tolerates: number
  parity: boolean
}

export const PROFILES: Record<ChunkProfile, ProfileRule> = {
  single: { fewest: 1, tolerates: 0, parity: false },
  'two-copies': { fewest: 2, tolerates: 1, parity: false },
  'three-copies': { fewest: 3, tolerates: 2, parity: false },
  'single-parity': { fewest: 2, tolerates: 1, parity: true },
  'double-parity': { fewest: 3, tolerates: 2, parity: true },
}

export const flexibleChunksShape: PoolShape<ChunkPool> = {
  family: 'flexible-chunks',
  schema,
  fewestMembers: ({ kind }) => PROFILES[kind].fewest,
  // Which chunks share which drives is not fixed, so any more failures may hit some of them.
  failureGroups: ({ groups }) =>
    groups.map(({ id, kind, driveIds }) => ({
      groupIds: [id],
      driveIds,
      tolerates: driveIds.length < PROFILES[kind].fewest ? 0 : PROFILES[kind].tolerates,
      by: PROFILES[kind].parity ? 'parity' : kind === 'single' ? 'nothing' : 'copies',
    })),
}
