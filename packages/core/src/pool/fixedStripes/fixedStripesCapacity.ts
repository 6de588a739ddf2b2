import { STRIPE_RULES, type StripeLevel } from '../../design/pools/fixedStripesPool'
import { type FamilyCapacity, sumOf } from '../familyCapacity'
import { PoolError } from '../poolError'

/** Members' worth of data. */
export const DATA_MEMBERS: Record<StripeLevel, (width: number) => number> = {
  raid0: (width) => width,
  raid1: () => 1,
  raid10: (width) => width / 2,
  raid5: (width) => width - 1,
  raid6: (width) => width - 2,
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
  const { fewest } = STRIPE_RULES[level]
  if (members.length < fewest) {
    throw new PoolError('members', {
      code: 'too-few-members',
      kind: level,
      least: fewest,
      members: members.length,
    })
  }
  if (level === 'raid10' && members.length % 2 === 1) {
    throw new PoolError('members', {
      code: 'odd-number-for-pairs',
      kind: level,
      members: members.length,
    })
  }
  const smallest = Math.min(...members)
  return {
    rawBytes: sumOf(members),
    usableBytes: smallest * DATA_MEMBERS[level](members.length),
    strandedBytes: members.map((bytes) => bytes - smallest),
  }
}
