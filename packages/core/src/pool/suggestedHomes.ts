import { type Brief, type DataKind, wantedBytes } from '../design/brief'
import type { Tenants } from '../design/tenants'

/** What a pool has room for, and whether all its drives are flash. */
export interface Lodging {
  poolId: string
  workingBytes: number
  isFlash: boolean
}

/** Data that is read and written in small pieces, which flash answers at once. Common practice, no source. */
const WANTS_FLASH: Record<DataKind, boolean> = {
  'machine images': true,
  projects: true,
  other: false,
  media: false,
  backups: false,
}

/**
 * Where should each kind of data live?
 *
 * What is read in small pieces goes to flash as far as it has room, everything else to disks; of equal pools to the one
 * with most room left. A kind that fits nowhere whole is left to go wherever there is room.
 *
 * A pool of flash with 2 and one of disks with 10 give images of 1 the first and films of 8 the second.
 */
export function suggestedHomes(
  pools: readonly Lodging[],
  { data, horizonYears }: Pick<Brief, 'data' | 'horizonYears'>,
  scratchPoolIds: readonly string[],
): Tenants['homes'] {
  const left = new Map(
    pools
      .filter(({ poolId }) => !scratchPoolIds.includes(poolId))
      .map((pool) => [pool.poolId, { ...pool, bytes: pool.workingBytes }]),
  )
  // What wants flash chooses first, of those the smaller, so that as much of it as possible gets there.
  const inOrder = data
    .map(({ kind, ...entry }) => ({
      kind,
      bytes: wantedBytes({ data: [{ kind, ...entry }], horizonYears }),
    }))
    .toSorted(
      (one, other) =>
        Number(WANTS_FLASH[other.kind]) - Number(WANTS_FLASH[one.kind]) || one.bytes - other.bytes,
    )
  return inOrder.flatMap(({ kind, bytes }) => {
    const [best] = [...left.values()]
      .filter((pool) => pool.bytes >= bytes)
      .toSorted(
        (one, other) =>
          Number(other.isFlash === WANTS_FLASH[kind]) - Number(one.isFlash === WANTS_FLASH[kind]) ||
          other.bytes - one.bytes,
      )
    if (!best) return []
    best.bytes -= bytes
    return [{ kind, poolId: best.poolId }]
  })
}
