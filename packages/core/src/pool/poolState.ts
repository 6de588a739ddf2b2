import type { FailureGroup } from '../design/pools/failureGroup'
import { failureGroupsOf, type Pool } from '../design/pools/pools'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { familyOf } from './families'

/**
 * How a pool stands with the drives that are there: `healthy`; `degraded`, members are away and it runs on;
 * `rebuilding`, all its members are there and some of them do not hold their share yet; `without parity`, its parity drive is away or there is none; `partly away`, files of drives that are away
 * cannot be read; `down`, too many members are away to run at all.
 */
export type PoolStateName =
  'healthy' | 'degraded' | 'rebuilding' | 'without parity' | 'partly away' | 'down'

export interface PoolState {
  state: PoolStateName
  /** Members that do not count: on the bench, sent back, without a place, or still being rebuilt. */
  awayIds: PieceId[]
  /** The groups of drives that stand in for each other, with the drives that are there and what they tolerate now. */
  groups: FailureGroup[]
}

/**
 * How does a pool stand while some of its drives are away, or do not hold their share yet?
 *
 * Each member that is away takes one from what its group tolerates. Where drives are readable alone, those that
 * are left go on; elsewhere a group that lost more than it tolerates takes the pool down.
 *
 * @param away those that are not there, and those that are being rebuilt, as `membersAway` has them
 * @param rebuilding the latter alone
 * A mirrored pair with one drive on the bench is degraded and tolerates none; while that one is rebuilt, it still does.
 */
export function poolState(
  pool: Pool,
  away: ReadonlySet<PieceId>,
  rebuilding: ReadonlySet<PieceId> = NONE,
): PoolState {
  const full = failureGroupsOf(pool)
  const awayIds = full.flatMap(({ driveIds }) => driveIds.filter((id) => away.has(id)))
  const groups = full.map((group) => {
    const driveIds = group.driveIds.filter((id) => !away.has(id))
    const gone = group.driveIds.length - driveIds.length
    return { ...group, driveIds, tolerates: group.tolerates - gone }
  })
  const state = stateOf(pool, groups, awayIds)
  const isComing = awayIds.length > 0 && awayIds.every((id) => rebuilding.has(id))
  const isRunning = state === 'degraded' || state === 'without parity'
  return { state: isComing && isRunning ? 'rebuilding' : state, awayIds, groups }
}

/** Members that a pool cannot count on now: those that are not there, and those that are being rebuilt. */
export function membersAway({
  awayIds,
  rebuildingIds,
}: Pick<Machine, 'awayIds' | 'rebuildingIds'>): ReadonlySet<PieceId> {
  return new Set([...awayIds, ...rebuildingIds])
}

const NONE: ReadonlySet<PieceId> = new Set()

function stateOf(
  pool: Pool,
  groups: readonly FailureGroup[],
  awayIds: readonly PieceId[],
): PoolStateName {
  const tooMany = groups.some(({ tolerates }) => tolerates < 0)
  if (familyOf(pool).beyond === 'pool') {
    if (tooMany) return 'down'
    return awayIds.length > 0 ? 'degraded' : 'healthy'
  }
  const isParity = new Set(groups.flatMap(({ parityIds = [] }) => parityIds))
  const dataAway = awayIds.some((id) => !isParity.has(id))
  if (tooMany && dataAway) return 'partly away'
  const parityLeft = [...isParity].some((id) => !awayIds.includes(id))
  if (!parityLeft) return 'without parity'
  return awayIds.length > 0 ? 'degraded' : 'healthy'
}

/** Drives whose files cannot be read while they are away, as parity does not stand in for them. */
export function unreadableIds(pool: Pool, { state, awayIds, groups }: PoolState): PieceId[] {
  if (state !== 'partly away' || familyOf(pool).beyond === 'pool') return []
  const isParity = new Set(groups.flatMap(({ parityIds = [] }) => parityIds))
  return awayIds.filter((id) => !isParity.has(id))
}
