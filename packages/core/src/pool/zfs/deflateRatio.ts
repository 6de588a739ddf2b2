import { floorDivide } from '../../units/floorDivide'
import type { VdevKind } from './vdevKinds'

const ASSUMED_BLOCK_BYTES = 131_072
const ACCOUNTING_UNIT_BYTES = 512

/**
 * The ratio by which ZFS turns space on disk into space it promises to files, in 512ths.
 *
 * ZFS does not know beforehand how large the blocks will be, so it counts every byte as if it came
 * in blocks of 128 KiB. The division is rounded down, which gives plateaus: raidz2 of width 9 to 12
 * all have 390 at ashift 12, so the promised space does not follow (width − parity) / width.
 *
 * @param width members of the top-level vdev
 * @param ashift sectors have 2^ashift bytes
 * @returns whole number; 512 means that nothing is taken off
 * Source: OpenZFS 2.1.11, vdev_set_deflate_ratio.
 * @example deflateRatio(raidz(2), 10, 12) // 390
 */
export function deflateRatio(kind: VdevKind, width: number, ashift: number): number {
  const onDisk = kind.allocatedBytes(ASSUMED_BLOCK_BYTES, width, ashift)
  return floorDivide(ASSUMED_BLOCK_BYTES, floorDivide(onDisk, ACCOUNTING_UNIT_BYTES))
}

/**
 * Space promised to files for space on disk.
 * @example deflatedBytes(17179869184, 390) // 13086228480
 */
export function deflatedBytes(onDiskBytes: number, ratio: number): number {
  return floorDivide(onDiskBytes, ACCOUNTING_UNIT_BYTES) * ratio
}
