import { type FamilyCapacity, sumOf } from '../familyCapacity'
import { PoolError } from '../poolError'
import type { RedundancyGroup } from '../survival/survivalByCounting'

export const STRIPE_LEVELS = ['raid0', 'raid1', 'raid10', 'raid5', 'raid6'] as const
export type StripeLevel = (typeof STRIPE_LEVELS)[number]

interface LevelRule {
  fewest: number
  /** Members' worth of data. */
  dataMembers: (width: number) => number
  groups: (width: number) => RedundancyGroup[]
}

const one = (width: number, bears: number): RedundancyGroup[] => [{ width, bears }]

const LEVELS: Record<StripeLevel, LevelRule> = {
  raid0: { fewest: 1, dataMembers: (width) => width, groups: (width) => one(width, 0) },
  raid1: { fewest: 2, dataMembers: () => 1, groups: (width) => one(width, width - 1) },
  raid10: {
    fewest: 4,
    dataMembers: (width) => width / 2,
    groups: (width) => Array.from({ length: width / 2 }, () => ({ width: 2, bears: 1 })),
  },
  raid5: { fewest: 3, dataMembers: (width) => width - 1, groups: (width) => one(width, 1) },
  raid6: { fewest: 4, dataMembers: (width) => width - 2, groups: (width) => one(width, 2) },
}

/**
 * What does an array of fixed stripes hold? Every member counts as the smallest.
 *
 * @throws PoolError naming `members`: too few, or an odd number of pairs
 * Source: Patterson, Gibson, Katz, A Case for Redundant Arrays of Inexpensive Disks, SIGMOD 1988, for
 * levels 1 and 5; levels 0, 6 and 10 from memory of common use. Metadata of a real array takes a few MiB.
 * @example fixedStripesCapacity('raid5', [4e12, 4e12, 4e12, 4e12]).usableBytes // 12e12
 */
export function fixedStripesCapacity(
  level: StripeLevel,
  members: readonly number[],
): FamilyCapacity {
  const { fewest, dataMembers } = LEVELS[level]
  if (members.length < fewest) {
    throw new PoolError(
      'members',
      `A ${level} needs at least ${fewest} members, not ${members.length}.`,
    )
  }
  if (level === 'raid10' && members.length % 2 === 1) {
    throw new PoolError(
      'members',
      `A raid10 is made of pairs, so not of ${members.length} members.`,
    )
  }
  const smallest = Math.min(...members)
  return {
    rawBytes: sumOf(members),
    usableBytes: smallest * dataMembers(members.length),
    strandedBytes: members.map((bytes) => bytes - smallest),
  }
}

/** The fewest members of a level. */
export function fewestForLevel(level: StripeLevel): number {
  return LEVELS[level].fewest
}

/** Which members may fail together. */
export function fixedStripesGroups(level: StripeLevel, width: number): RedundancyGroup[] {
  return LEVELS[level].groups(width)
}
