import { vdevKindOf } from './vdevKinds'
import type { DraidShape, ZfsVdevKindName } from '../../design/pools/zfsPool'

export interface BlockEfficiency {
  blockBytes: number
  /** Bytes on disk, parity and padding included. */
  allocatedBytes: number
  /** Of these, what neither data nor parity fills: the last sector's rest, and rounding. */
  paddingBytes: number
  /** Data over allocated, 0 to 1. */
  share: number
}

/**
 * How much of the space that blocks of one size take is data?
 *
 * Small blocks waste most: their parity is the same for a few sectors as for many, and the sum is rounded
 * up. A volume's blocks are often 16 KiB, records of a file system 128 KiB or 1 MiB.
 *
 * @param vdev kind and number of members of the group
 * @param blockBytes before compression
 * Source: OpenZFS 2.1.11, vdev_raidz_asize and vdev_draid_asize.
 * @example blockEfficiency({ kind: 'raidz2' }, 10, 12, 16384).share // 0.667: 24,576 bytes allocated
 */
export function blockEfficiency(
  vdev: { kind: ZfsVdevKindName | 'draid'; draid?: DraidShape | undefined },
  width: number,
  ashift: number,
  blockBytes: number,
): BlockEfficiency {
  const kind = vdevKindOf(vdev)
  const sectorBytes = 2 ** ashift
  const copies = vdev.kind === 'mirror' ? width : 1
  const allocatedBytes = kind.allocatedBytes(blockBytes, width, ashift) * copies
  const dataSectors = Math.ceil(blockBytes / sectorBytes)
  const paritySectors = paritySectorsOf(vdev, kind.toleratesFailures(width), width, dataSectors)
  const paddingBytes = allocatedBytes - copies * blockBytes - paritySectors * sectorBytes
  return { blockBytes, allocatedBytes, paddingBytes, share: blockBytes / allocatedBytes }
}

function paritySectorsOf(
  vdev: { kind: ZfsVdevKindName | 'draid'; draid?: DraidShape | undefined },
  parity: number,
  width: number,
  dataSectors: number,
): number {
  if (vdev.kind === 'stripe' || vdev.kind === 'mirror') return 0
  const dataMembers = vdev.draid ? vdev.draid.data : width - parity
  return parity * Math.ceil(dataSectors / dataMembers)
}
