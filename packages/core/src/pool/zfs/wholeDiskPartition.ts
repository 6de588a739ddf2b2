import { floorDivide } from '../../units/floorDivide'

/** The small partition ZFS puts behind its own on Linux: 16,384 sectors, 8 MiB at 512 bytes. */
const RESERVE_SECTORS = 16_384
/** Partitions start and end on multiples of this: 1 MiB at 512 bytes. */
const ALIGNMENT_SECTORS = 2048
const PARTITION_ENTRIES_BYTES = 16_384

/**
 * What remains of a whole drive given to ZFS on Linux once it has written its partition table.
 *
 * In front stay 2,048 sectors, behind come the reserve partition and the backup of the GUID
 * partition table (its entries and one header sector).
 *
 * @param driveBytes the drive's size in bytes
 * @param sectorBytes logical sector size: 512 or 4096
 * @returns bytes of partition 1, the one handed to the vdev; 0 when the drive is too small
 * Source: the labelling call of OpenZFS 2.1.11 on loop devices, read back.
 * @example wholeDiskPartitionBytes(16000900661248) // 16000890175488
 */
export function wholeDiskPartitionBytes(driveBytes: number, sectorBytes = 512): number {
  const sectors = floorDivide(driveBytes, sectorBytes)
  const backupTableSectors = floorDivide(PARTITION_ENTRIES_BYTES, sectorBytes) + 1
  const left = sectors - backupTableSectors - RESERVE_SECTORS - ALIGNMENT_SECTORS
  if (left <= 0) return 0
  return floorDivide(left, ALIGNMENT_SECTORS) * ALIGNMENT_SECTORS * sectorBytes
}
