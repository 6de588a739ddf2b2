import { z } from 'zod'
import type { FailureGroup } from './failureGroup'
import { groupOf, poolFields } from './poolFields'
import type { PoolShape } from './poolShape'

export const STRIPE_LEVELS = ['raid0', 'raid1', 'raid10', 'raid5', 'raid6'] as const
export type StripeLevel = (typeof STRIPE_LEVELS)[number]

const schema = z.strictObject({
  ...poolFields,
  family: z.literal('fixed-stripes'),
  groups: z.array(groupOf(STRIPE_LEVELS)).max(1),
})
export type StripesPool = z.infer<typeof schema>

interface LevelRule {
  fewest: number
  /** Widths of the sets of members that stand in for each other, and how many of each may fail. */
  sets: (width: number) => { width: number; tolerates: number }[]
  by: FailureGroup['by']
}

const one = (width: number, tolerates: number) => [{ width, tolerates }]

/** Source: as the sums of `fixedStripesCapacity`. */
export const STRIPE_RULES: Record<StripeLevel, LevelRule> = {
  raid0: { fewest: 1, sets: (width) => one(width, 0), by: 'nothing' },
  raid1: { fewest: 2, sets: (width) => one(width, width - 1), by: 'copies' },
  raid10: {
    fewest: 4,
    sets: (width) => Array.from({ length: width / 2 }, () => ({ width: 2, tolerates: 1 })),
    by: 'copies',
  },
  raid5: { fewest: 3, sets: (width) => one(width, 1), by: 'parity' },
  raid6: { fewest: 4, sets: (width) => one(width, 2), by: 'parity' },
}

export const fixedStripesShape: PoolShape<StripesPool> = {
  family: 'fixed-stripes',
  schema,
  fewestMembers: ({ kind }) => STRIPE_RULES[kind].fewest,
  failureGroups: ({ groups }) =>
    groups.flatMap(({ id, kind, driveIds }): FailureGroup[] => {
      const { fewest, sets, by } = STRIPE_RULES[kind]
      const groupIds = [id]
      if (driveIds.length < fewest) return [{ groupIds, driveIds, tolerates: 0, by }]
      let from = 0
      return sets(driveIds.length).map(({ width, tolerates }) => {
        const members = driveIds.slice(from, from + width)
        from += width
        return { groupIds, driveIds: members, tolerates, by }
      })
    }),
}
