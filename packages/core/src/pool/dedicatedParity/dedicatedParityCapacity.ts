import { type FamilyCapacity, sumOf } from '../familyCapacity'
import { PoolError } from '../poolError'

/** Every data drive has a file system of its own; parity of all of them lies on drives apart. */
export interface DedicatedParityPool {
  /** Bytes of the parity drives. */
  parity: readonly number[]
  /** Bytes of the data drives. */
  data: readonly number[]
}

/** How many parity drives each manner takes: kept in real time, or computed by a nightly run. */
export const MOST_PARITY_DRIVES = { 'dedicated-parity': 2, 'scheduled-parity': 6 } as const

/**
 * What do data drives with parity drives beside them hold?
 *
 * The sum of the data drives, whatever their sizes. A parity drive holds a sum over the same place of every
 * data drive, so it must be as large as the largest of them; what it has beyond that lies idle.
 *
 * @throws PoolError naming the field: no data drive, too many parity drives, one that is too small
 * Source: common practice, no source.
 * @example dedicatedParityCapacity('dedicated-parity', { parity: [8e12], data: [8e12, 4e12] }).usableBytes // 12e12
 */
export function dedicatedParityCapacity(
  family: keyof typeof MOST_PARITY_DRIVES,
  { parity, data }: DedicatedParityPool,
): FamilyCapacity {
  const most = MOST_PARITY_DRIVES[family]
  if (data.length === 0) throw new PoolError('data', { code: 'no-data-drive' })
  if (parity.length === 0) throw new PoolError('parity', { code: 'no-parity-drive' })
  if (parity.length > most) {
    throw new PoolError('parity', {
      code: 'too-many-parity-drives',
      most,
      drives: parity.length,
    })
  }
  const largest = Math.max(...data)
  parity.forEach((bytes, index) => {
    if (bytes >= largest) return
    throw new PoolError(`parity[${index}]`, {
      code: 'parity-drive-too-small',
      bytes,
      largestDataBytes: largest,
    })
  })
  return {
    rawBytes: sumOf(parity) + sumOf(data),
    usableBytes: sumOf(data),
    strandedBytes: [...parity.map((bytes) => bytes - largest), ...data.map(() => 0)],
  }
}
