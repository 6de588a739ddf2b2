import type { DesignDocument, Pool } from '../design/document'
import { wantedBytes } from '../design/brief'
import { driveBytes } from '../design/driveBytes'
import { type ZfsPoolCapacity, ZfsPoolError, zfsPoolCapacity } from './zfs/zfsPoolCapacity'

export interface PoolFigure {
  poolId: string
  name: string
  /** Null when the pool cannot be made; `problem` then says why. */
  capacity: ZfsPoolCapacity | null
  problem: { groupId: string | null; sentence: string } | null
}

export interface CapacityFigure {
  pools: PoolFigure[]
  /** Drives in groups, as sold. */
  rawBytes: number
  poolSizeBytes: number
  /** Available when empty, over all pools that can be made. */
  availableBytes: number
  /** Available × (fill ceiling − snapshot reserve): what there is to work with. */
  workingBytes: number
  /** What the brief asks for at the end of its horizon. */
  wantedBytes: number
  strandedBytes: number
}

/**
 * What do the pools of a design hold? Drives are given to ZFS whole.
 *
 * A pool that cannot be made counts for nothing and says why; nothing is thrown.
 *
 * @example designCapacity(document).workingBytes // 97387685504614 for ten 16 TB in raidz2, 80 % ceiling
 */
export function designCapacity(document: DesignDocument): CapacityFigure {
  const bytesOf = driveBytes(document)
  const pools = document.pools.map((pool) => poolFigure(pool, bytesOf))
  const sum = (pick: (capacity: ZfsPoolCapacity) => number): number =>
    pools.reduce((total, { capacity }) => total + (capacity ? pick(capacity) : 0), 0)

  const availableBytes = sum((capacity) => capacity.availableBytes)
  return {
    pools,
    rawBytes: sum((capacity) => capacity.rawBytes),
    poolSizeBytes: sum((capacity) => capacity.poolSizeBytes),
    availableBytes,
    workingBytes: workingBytes(availableBytes, document.houseRules),
    wantedBytes: wantedBytes(document.brief),
    strandedBytes: sum((capacity) =>
      capacity.vdevs.reduce((total, vdev) => total + vdev.strandedBytes, 0),
    ),
  }
}

/**
 * What there is to work with once the pool is not filled to the brim and snapshots have their part.
 *
 * Both shares are house rules (common practice, no source): how full a pool may get before it slows
 * down, and what snapshots will hold on to.
 *
 * @example workingBytes(100, { fillCeiling: 0.8, snapshotReserve: 0.1 }) // 70
 */
export function workingBytes(
  availableBytes: number,
  { fillCeiling, snapshotReserve }: { fillCeiling: number; snapshotReserve: number },
): number {
  return Math.max(0, Math.floor(availableBytes * (fillCeiling - snapshotReserve)))
}

function poolFigure(pool: Pool, bytesOf: ReadonlyMap<string, number>): PoolFigure {
  const vdevs = pool.groups.map(({ kind, driveIds }) => ({
    kind,
    members: driveIds.map((id) => bytesOf.get(id) ?? 0),
  }))
  const { id: poolId, name } = pool
  try {
    const capacity = zfsPoolCapacity({ ashift: pool.ashift, wholeDisks: true, vdevs })
    return { poolId, name, capacity, problem: null }
  } catch (error) {
    if (!(error instanceof ZfsPoolError)) throw error
    const groupIndex = /^vdevs\[(\d+)\]/.exec(error.field)?.[1]
    const groupId = groupIndex === undefined ? null : (pool.groups[Number(groupIndex)]?.id ?? null)
    return { poolId, name, capacity: null, problem: { groupId, sentence: error.message } }
  }
}
