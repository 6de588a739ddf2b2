import { certain } from '../../units/certain'
import { floorDivide } from '../../units/floorDivide'
import { allocateWidest } from '../allocation/allocateWidest'
import { type FamilyCapacity, sumOf } from '../familyCapacity'
import { PoolError } from '../poolError'

/** Slabs placed over a fixed number of columns, on whichever devices have most room. */
export interface ColumnPool {
  columns: number
  /** Columns of each slab that hold parity; 0 for none. */
  parity: 0 | 1 | 2
  /** What a slab takes of each of its devices. */
  slabBytes: number
  /** What goes to one column before the next is written. */
  interleaveBytes: number
  members: readonly number[]
}

export interface ColumnCapacity extends FamilyCapacity {
  /** The cluster to format with: one full row of data, so that no write needs old data read first. */
  clusterBytes: number
}

/**
 * What does a pool of columns hold, and with which cluster should it be formatted?
 *
 * Only whole slabs count; each goes to the devices with most room, as many as there are columns.
 *
 * @throws PoolError naming `columns`, `parity` or `members`
 * Source: common practice, no source: 5 columns with single parity and 64 KiB want clusters of 256 KiB;
 * formatted otherwise, writes fall to a third.
 * @example columnsCapacity({ columns: 3, parity: 1, slabBytes: 1, interleaveBytes: 65536, members: [2, 2, 2] }).usableBytes
 * // 4: in clusters of 131,072 bytes
 */
export function columnsCapacity(pool: ColumnPool): ColumnCapacity {
  const { columns, parity, slabBytes, interleaveBytes, members } = pool
  if (columns <= parity) {
    throw new PoolError('parity', { code: 'no-column-for-data', columns, parity })
  }
  const slabs = members.map((bytes) => floorDivide(bytes, slabBytes))
  const withRoom = slabs.filter((count) => count > 0).length
  if (withRoom < columns) {
    throw new PoolError('members', {
      code: 'too-few-members-for-columns',
      columns,
      members: withRoom,
    })
  }
  const { rounds, used } = allocateWidest(slabs, columns)
  return {
    rawBytes: sumOf(members),
    usableBytes: rounds * (columns - parity) * slabBytes,
    strandedBytes: members.map((bytes, index) => bytes - certain(used[index]) * slabBytes),
    clusterBytes: (columns - parity) * interleaveBytes,
  }
}
