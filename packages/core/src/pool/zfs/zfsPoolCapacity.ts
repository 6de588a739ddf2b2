import { certain } from '../../units/certain'
import { PoolError } from '../poolError'
import { deflatedBytes, deflateRatio } from './deflateRatio'
import { memberBytes, SMALLEST_MEMBER_BYTES } from './memberBytes'
import { type Metaslabs, metaslabs } from './metaslabs'
import { slopBytes } from './slopBytes'
import { type VdevKind, vdevKindOf } from './vdevKinds'
import type { DraidShape, ZfsVdevKindName } from '../../design/pools/zfsPool'
import { wholeDiskPartitionBytes } from './wholeDiskPartition'

export interface ZfsVdev {
  kind: ZfsVdevKindName | 'draid'
  /** Only, and always, for a draid. */
  draid?: DraidShape | undefined
  /** Bytes of each member: of the device handed over or, with `wholeDisks`, of the drive. */
  members: readonly number[]
}

export interface ZfsPool {
  /** Sectors have 2^ashift bytes; 9 to 16. */
  ashift: number
  /** True when `members` are whole drives that ZFS partitions itself. */
  wholeDisks: boolean
  vdevs: readonly ZfsVdev[]
}

export interface ZfsVdevCapacity {
  kind: ZfsVdev['kind']
  /** Bytes that can be allocated, parity included, before they are cut into metaslabs. */
  allocatableBytes: number
  metaslabShift: number
  metaslabCount: number
  deflateRatio: number
  /** Device bytes left over because the smallest member counts. */
  strandedBytes: number
}

export interface ZfsPoolCapacity {
  /** Sum of the members as given. */
  rawBytes: number
  /** What `zpool list` calls SIZE. */
  poolSizeBytes: number
  /** What `zfs list` calls AVAIL on a pool that holds nothing. */
  availableBytes: number
  slopBytes: number
  vdevs: ZfsVdevCapacity[]
}

/** From this many metaslabs on, one of them is set apart for the embedded log. */
const METASLABS_BEFORE_EMBEDDED_LOG = 64

/**
 * What does a ZFS pool hold, to the byte?
 *
 * All numbers stay below 2^53, because no result is larger than the raw bytes, and the raw bytes
 * are refused above that; so plain numbers are exact here.
 *
 * @throws PoolError with the field, when the pool cannot be made
 * Source: OpenZFS 2.1.11 with default tunables; the test fixture holds what its own library
 * answered. Other releases were not compared.
 * @example
 * zfsPoolCapacity({ ashift: 12, wholeDisks: true,
 *   vdevs: [{ kind: 'raidz2', members: Array(10).fill(16000900661248) }] }).availableBytes
 * // 121734606880768
 */
export function zfsPoolCapacity(pool: ZfsPool): ZfsPoolCapacity {
  checkAshift(pool.ashift)
  if (pool.vdevs.length === 0) throw new PoolError('vdevs', { code: 'no-vdev' })

  let rawBytes = 0
  let poolSizeBytes = 0
  let usableBytes = 0
  let embeddedLogBytes = 0
  const vdevs: ZfsVdevCapacity[] = []

  pool.vdevs.forEach((vdev, vdevIndex) => {
    checkWidth(vdev, vdevIndex)
    for (const bytes of vdev.members) rawBytes += bytes
    if (rawBytes > Number.MAX_SAFE_INTEGER) {
      throw new PoolError(`vdevs[${vdevIndex}].members`, {
        code: 'too-many-bytes',
        mostBytes: Number.MAX_SAFE_INTEGER,
      })
    }
    for (const topLevel of topLevelVdevs(pool, vdev, vdevIndex)) {
      const kind = vdevKindOf(vdev)
      const smallest = Math.min(...topLevel)
      const width = topLevel.length
      const allocatableBytes = kind.allocatableBytes(memberBytes(smallest), width)
      const slabs = metaslabs(allocatableBytes)
      const ratio = deflateRatio(kind, width, pool.ashift)
      const sums = metaslabSums(kind, slabs, ratio, pool.ashift)

      poolSizeBytes += sums.sizeBytes
      usableBytes += sums.usableBytes
      embeddedLogBytes += sums.embeddedLogBytes
      vdevs.push({
        kind: vdev.kind,
        allocatableBytes,
        metaslabShift: slabs.shift,
        metaslabCount: slabs.count,
        deflateRatio: ratio,
        strandedBytes: topLevel.reduce((sum, bytes) => sum + bytes - smallest, 0),
      })
    }
  })

  const slop = slopBytes(usableBytes, embeddedLogBytes)
  return {
    rawBytes,
    poolSizeBytes,
    availableBytes: usableBytes - slop,
    slopBytes: slop,
    vdevs,
  }
}

interface MetaslabSums {
  sizeBytes: number
  /** Space promised to files, without the metaslab of the embedded log. */
  usableBytes: number
  embeddedLogBytes: number
}

/** What all metaslabs of a top-level vdev come to. */
function metaslabSums(
  { metaslabLengths }: VdevKind,
  slabs: Metaslabs,
  ratio: number,
  ashift: number,
): MetaslabSums {
  const { count, eachBytes } = slabs
  const lengths = metaslabLengths?.(slabs, ashift) ?? [{ bytes: eachBytes, count }]
  const sum = (of: (bytes: number) => number): number =>
    lengths.reduce((total, one) => total + one.count * of(one.bytes), 0)
  // The embedded log gets the first metaslab, which has the first length.
  const hasLog = count > METASLABS_BEFORE_EMBEDDED_LOG
  const embeddedLogBytes = hasLog ? deflatedBytes(certain(lengths[0]).bytes, ratio) : 0
  return {
    sizeBytes: sum((bytes) => bytes),
    usableBytes: sum((bytes) => deflatedBytes(bytes, ratio)) - embeddedLogBytes,
    embeddedLogBytes,
  }
}

function checkAshift(ashift: number): void {
  const [least, most] = [9, 16]
  if (!Number.isInteger(ashift) || ashift < least || ashift > most) {
    throw new PoolError('ashift', { code: 'ashift-out-of-range', least, most })
  }
}

function checkWidth(vdev: ZfsVdev, vdevIndex: number): void {
  if (vdev.kind === 'draid' && !vdev.draid) {
    throw new PoolError(`vdevs[${vdevIndex}].draid`, { code: 'draid-without-shape' })
  }
  const { minimumMembers, maximumMembers } = vdevKindOf(vdev)
  const width = vdev.members.length
  const field = `vdevs[${vdevIndex}].members`
  if (width < minimumMembers) {
    throw new PoolError(field, {
      code: 'too-few-members',
      kind: vdev.kind,
      least: minimumMembers,
      members: width,
    })
  }
  if (width > maximumMembers) {
    throw new PoolError(field, {
      code: 'too-many-members',
      kind: vdev.kind,
      most: maximumMembers,
      members: width,
    })
  }
}

/** The device sizes of each top-level vdev that ZFS makes of one vdev of ours. */
function topLevelVdevs(pool: ZfsPool, vdev: ZfsVdev, vdevIndex: number): number[][] {
  const devices = vdev.members.map((bytes, memberIndex) => {
    const deviceBytes = pool.wholeDisks ? wholeDiskPartitionBytes(bytes) : bytes
    if (deviceBytes < SMALLEST_MEMBER_BYTES) {
      throw new PoolError(`vdevs[${vdevIndex}].members[${memberIndex}]`, {
        code: 'member-too-small',
        leastBytes: SMALLEST_MEMBER_BYTES,
      })
    }
    return deviceBytes
  })
  return vdevKindOf(vdev).membersStandAlone ? devices.map((bytes) => [bytes]) : [devices]
}
