import { certain } from '../units/certain'
import { type Brief, wantedBytes } from '../design/brief'
import type { Design } from '../design/design'
import type { Pool } from '../design/pools/pools'
import type { Machine } from '../machine/machine'
import type { HouseRules } from '../design/houseRules'
import { familyOf } from './families'
import { type Housing, housing } from './housing'
import type { PoolCapacity } from './layoutFamily'
import { PoolError } from './poolError'
import type { PoolProblem } from './poolProblem'
import { membersAway, poolState, type PoolStateName, unreadableIds } from './poolState'

export interface PoolFigure {
  poolId: string
  name: string
  /** Null when the pool cannot be made; `problem` then says why. */
  capacity: PoolCapacity | null
  /** Space for files as it stands; 0 when it cannot be made or is down. */
  availableBytes: number
  /** What of it is usable; 0 when it cannot be made or is down. */
  workingBytes: number
  problem: { groupId: string | null; why: PoolProblem } | null
  /** How it stands with the drives that are there; what cannot be read counts for nothing. */
  state: PoolStateName
}

export interface CapacityFigure {
  pools: PoolFigure[]
  /** Drives in groups, as sold. */
  rawBytes: number
  /** What the tools of the families call the size of the pools, as far as they have such a figure. */
  poolSizeBytes: number | null
  /** Available when empty, over all pools that can be made. */
  availableBytes: number
  /** Available × (fill ceiling − snapshot reserve) × compression: the usable space, without scratch pools. */
  workingBytes: number
  /** What the brief asks for at the end of its horizon. */
  wantedBytes: number
  /** Whether it finds room where it is to live. */
  housing: Housing
  strandedBytes: number
}

/**
 * What do the pools of a design hold?
 *
 * A pool that cannot be made counts for nothing and says why; nothing is thrown.
 *
 * Ten 16 TB in raidz2 below a ceiling of 80 % give 97,387,685,504,614 bytes of usable space.
 */
export function designCapacity(
  design: Pick<Design, 'houseRules' | 'tenants'> & {
    pools: readonly Pool[]
    brief: Readonly<Brief>
  },
  bytesOf: ReadonlyMap<string, number>,
  machine: Pick<Machine, 'awayIds' | 'rebuildingIds'>,
): CapacityFigure {
  const away = membersAway(machine)
  const rebuilding = new Set(machine.rebuildingIds)
  const pools = design.pools.map((pool) =>
    poolFigure(pool, bytesOf, design.houseRules, away, rebuilding),
  )
  const capacities = pools.flatMap(({ capacity }) => capacity ?? [])
  const sum = (pick: (capacity: PoolCapacity) => number): number =>
    capacities.reduce((total, capacity) => total + pick(capacity), 0)
  const housed = housing(pools, design.brief, design.tenants)
  const sizes = capacities.flatMap(({ poolSizeBytes }) => poolSizeBytes ?? [])
  return {
    pools,
    rawBytes: sum((capacity) => capacity.rawBytes),
    poolSizeBytes: sizes.length > 0 ? sizes.reduce((total, bytes) => total + bytes, 0) : null,
    availableBytes: pools.reduce((total, pool) => total + pool.availableBytes, 0),
    workingBytes: housed.homes.reduce((total, home) => total + home.workingBytes, 0),
    wantedBytes: wantedBytes(design.brief),
    housing: housed,
    strandedBytes: sum(strandedBytes),
  }
}

/** All that lies idle in a pool. */
export function strandedBytes({ strandedByDrive }: PoolCapacity): number {
  return Object.values(strandedByDrive).reduce((sum, bytes) => sum + bytes, 0)
}

/**
 * What is usable once the pool is not filled to the brim and snapshots have their part.
 *
 * The shares are house rules (common practice, no source): how full a pool may get before it slows down,
 * and what snapshots will hold on to. How well data packs is the user's own assumption, and counts only
 * where the layout compresses.
 *
 * @example workingBytes(100, { fillCeiling: 0.8, snapshotReserve: 0.1, compressionRatio: 1 }, true) // 70
 */
export function workingBytes(
  availableBytes: number,
  rules: Pick<HouseRules, 'fillCeiling' | 'snapshotReserve' | 'compressionRatio'>,
  compresses: boolean,
): number {
  const share = rules.fillCeiling - rules.snapshotReserve
  const packed = compresses ? rules.compressionRatio : 1
  return Math.max(0, Math.floor(availableBytes * share * packed))
}

/** What one pool holds, as it stands while some drives are away; a pool that cannot be made says why. */
export function poolFigure(
  pool: Pool,
  bytesOf: ReadonlyMap<string, number>,
  rules: HouseRules,
  away: ReadonlySet<string> = new Set(),
  rebuilding: ReadonlySet<string> = new Set(),
): PoolFigure {
  const { id: poolId, name } = pool
  const family = familyOf(pool)
  const standing = poolState(pool, away, rebuilding)
  const base = { poolId, name, state: standing.state }
  try {
    const capacity = family.capacityOf(pool, bytesOf)
    const { compresses } = family.traits(pool)
    const lost = unreadableIds(pool, standing).reduce(
      (sum, id) => sum + certain(bytesOf.get(id)),
      0,
    )
    const availableBytes =
      standing.state === 'down' ? 0 : Math.max(0, capacity.availableBytes - lost)
    const working = workingBytes(availableBytes, rules, compresses)
    return { ...base, capacity, availableBytes, workingBytes: working, problem: null }
  } catch (error) {
    if (!(error instanceof PoolError)) throw error
    const problem = { groupId: family.blamedGroup(pool, error.field), why: error.problem }
    return { ...base, capacity: null, availableBytes: 0, workingBytes: 0, problem }
  }
}
