import { z } from 'zod'
import type { FailureGroup } from './failureGroup'
import { groupOf, poolFields } from './poolFields'
import type { PoolShape } from './poolShape'

const fields = { ...poolFields, groups: z.array(groupOf(['parity', 'data'])).max(2) }

const dedicated = z.strictObject({
  ...fields,
  family: z.literal('dedicated-parity'),
  /** Whether parity is made anew from all data drives, rather than from the old data and the old parity. */
  writesWithAllDrives: z.boolean().default(false),
})
const scheduled = z.strictObject({
  ...fields,
  family: z.literal('scheduled-parity'),
  /** How often parity is brought up to date; what was written since is not covered. */
  syncEveryHours: z.number().min(0.1).max(8_760).default(24),
})

export type DedicatedPool = z.infer<typeof dedicated>
export type ScheduledPool = z.infer<typeof scheduled>
export type ParityPool = DedicatedPool | ScheduledPool

/** All data drives and all parity drives stand in for each other; without a parity drive none does. */
function failureGroups({ groups }: ParityPool): FailureGroup[] {
  const parityIds = groups.flatMap(({ kind, driveIds }) => (kind === 'parity' ? driveIds : []))
  const driveIds = groups.flatMap((group) => group.driveIds)
  const groupIds = groups.map(({ id }) => id)
  return [{ groupIds, driveIds, tolerates: parityIds.length, by: 'parity', parityIds }]
}

export const dedicatedParityShape: PoolShape<DedicatedPool> = {
  family: 'dedicated-parity',
  schema: dedicated,
  fewestMembers: () => 1,
  failureGroups,
}

export const scheduledParityShape: PoolShape<ScheduledPool> = {
  family: 'scheduled-parity',
  schema: scheduled,
  fewestMembers: () => 1,
  failureGroups,
}
