import { certain } from '../../units/certain'
import type { Design } from '../../design/design'
import type { Pool } from '../../design/pools/pools'
import { familyOf } from '../families'
import { poolState } from '../poolState'
import type { FailureGroup } from '../../design/pools/failureGroup'
import type { LayoutFamily } from '../layoutFamily'

export interface PulledPool {
  poolId: string
  /**
   * `whole`: nothing of it is gone. `degraded`: it runs on. `partly lost`: files of the failed drives are
   * gone, the rest is there. `lost`: all of it is gone.
   */
  state: 'whole' | 'degraded' | 'partly lost' | 'lost'
  /** Sets of drives that lost a member, with how many more each would bear. */
  hurt: { groupIds: string[]; gone: number; toleratesMore: number }[]
  /** Drives of which any one more would cost data; empty when the pool is lost already. */
  fatalNextIds: string[]
  /** Room of the drives that are lost for good, where each holds files of its own; else 0. */
  lostBytes: number
}

/**
 * What becomes of each pool when these drives fail at once?
 *
 * A pool is lost as soon as one of its sets of drives loses more members than it tolerates. Where each data
 * drive has files of its own, only those of the failed ones are gone.
 *
 * @param bytesOf sizes of the drives
 * One drive of a mirrored pair: degraded, and its partner is fatal next.
 */
export function pullDrives(
  { pools }: Pick<Design, 'pools'>,
  pulledIds: readonly string[],
  bytesOf: ReadonlyMap<string, number>,
): PulledPool[] {
  const pulled = new Set(pulledIds)
  return pools.flatMap((pool) => {
    const family = familyOf(pool)
    const sets = family.failureGroups(pool)
    if (sets.length === 0) return []
    const { beyond } = family
    return [
      beyond === 'pool'
        ? withoutWholePool(pool, sets, pulled)
        : withoutSomeDrives(pool, sets, pulled, bytesOf),
    ]
  })
}

interface JudgedSet {
  set: FailureGroup
  goneIds: string[]
  leftIds: string[]
  toleratesMore: number
}

function judged(sets: readonly FailureGroup[], pulled: ReadonlySet<string>): JudgedSet[] {
  return sets.map((set) => {
    const goneIds = set.driveIds.filter((id) => pulled.has(id))
    const leftIds = set.driveIds.filter((id) => !pulled.has(id))
    return { set, goneIds, leftIds, toleratesMore: set.tolerates - goneIds.length }
  })
}

function hurtOf(all: readonly JudgedSet[]): PulledPool['hurt'] {
  return all
    .filter(({ goneIds }) => goneIds.length > 0)
    .map(({ set, goneIds, toleratesMore }) => {
      return { groupIds: set.groupIds, gone: goneIds.length, toleratesMore: toleratesMore }
    })
}

function withoutWholePool(
  { id: poolId }: Pool,
  sets: readonly FailureGroup[],
  pulled: ReadonlySet<string>,
): PulledPool {
  const all = judged(sets, pulled)
  const hurt = hurtOf(all)
  const lost = hurt.some(({ toleratesMore }) => toleratesMore < 0)
  const atTheEdge = all.filter(({ toleratesMore }) => toleratesMore === 0)
  return {
    poolId,
    state: lost ? 'lost' : hurt.length > 0 ? 'degraded' : 'whole',
    hurt,
    fatalNextIds: lost ? [] : atTheEdge.flatMap(({ leftIds }) => leftIds),
    lostBytes: 0,
  }
}

/**
 * Where drives are readable alone. A parity drive that goes while parity is just enough leaves the failed
 * ones without help; once parity helps nobody any more, it takes no file along.
 */
function withoutSomeDrives(
  { id: poolId }: Pool,
  sets: readonly FailureGroup[],
  pulled: ReadonlySet<string>,
  bytesOf: ReadonlyMap<string, number>,
): PulledPool {
  const all = judged(sets, pulled)
  const hurt = hurtOf(all)
  const dataOf = (ids: readonly string[], { parityIds = [] }: FailureGroup): string[] =>
    ids.filter((id) => !parityIds.includes(id))
  const lostIds = all.flatMap(({ set, goneIds, toleratesMore }) =>
    toleratesMore < 0 ? dataOf(goneIds, set) : [],
  )
  const dataLeft = all.some(({ set, leftIds }) => dataOf(leftIds, set).length > 0)
  return {
    poolId,
    state:
      lostIds.length > 0
        ? dataLeft
          ? 'partly lost'
          : 'lost'
        : hurt.length > 0
          ? 'degraded'
          : 'whole',
    hurt,
    fatalNextIds: all.flatMap(({ set, leftIds, toleratesMore }) =>
      toleratesMore > 0 ? [] : toleratesMore === 0 ? leftIds : dataOf(leftIds, set),
    ),
    lostBytes: lostIds.reduce((sum, id) => sum + certain(bytesOf.get(id)), 0),
  }
}

/** The fewest failures that cost data, and where. */
export interface FatalSet {
  poolId: string
  failures: number
  /** Every group in which that many are enough. */
  groupIds: string[]
  /** One such set, to show it. */
  driveIds: string[]
  beyond: LayoutFamily['beyond']
  /** Whether the drives must be of one pair within the group, not any of it. */
  isPair: boolean
}

/**
 * How few failures can cost data of each pool, and where?
 *
 * @param awayIds members that are away already; each leaves less to tolerate
 * @returns nothing of a pool that is down with those
 * Two groups of double parity: 3 failures, in either group.
 */
export function smallestFatalSets(
  { pools }: Pick<Design, 'pools'>,
  awayIds: readonly string[] = [],
): FatalSet[] {
  const away = new Set(awayIds)
  return pools.flatMap((pool) => {
    const family = familyOf(pool)
    const sets = poolState(pool, away).groups
    const least = Math.min(...sets.map(({ tolerates }) => tolerates))
    if (sets.length === 0 || least < 0) return []
    const weakest = sets.filter(({ tolerates }) => tolerates === least)
    return [
      {
        poolId: pool.id,
        failures: least + 1,
        groupIds: [...new Set(weakest.flatMap(({ groupIds }) => groupIds))],
        driveIds: weakest[0]?.driveIds.slice(0, least + 1) ?? [],
        beyond: family.beyond,
        isPair: weakest.some(({ driveIds, groupIds }) =>
          pool.groups.some(
            (group) => groupIds.includes(group.id) && driveIds.length < group.driveIds.length,
          ),
        ),
      },
    ]
  })
}
