import type { LayoutFamily, PoolCapacity, Traits } from '../layoutFamily'
import { byDrive, sizesOf } from '../driveSizes'
import { SMALLEST_COUNTS } from '../smallestCounts'
import { type VdevKind, vdevKindOf } from './vdevKinds'
import { zfsLayouts } from './zfsLayouts'
import { zfsPoolCapacity } from './zfsPoolCapacity'
import { isVdev, type ZfsDesignPool, zfsShape, type ZfsVdevGroup } from '../../design/pools/zfsPool'
import { answerZfs, strandedInVdev, type ZfsRequest, zfsRequest } from './zfsRequest'

/** An integrated stack: redundancy, checksums and file system in one, to the byte. */
export const zfsFamily: LayoutFamily<ZfsDesignPool, ZfsRequest> = {
  ...zfsShape,
  title: 'ZFS pool',
  about:
    'Checksums, snapshots and speed from many drives; every drive spins to read, and groups grow whole.',
  source:
    'Rules of OpenZFS 2.1.11, checked to the byte against its own library; other releases were not compared. A pool just made shows a few MiB less, its own records.',
  groupWords: (group) =>
    isVdev(group)
      ? { label: vdevKindOf(group).label, nativeName: vdevWords(group) }
      : { label: 'hot spares', nativeName: 'spare' },
  capacityOf,
  idleBecause: () => SMALLEST_COUNTS,
  blamedGroup: (pool, field) => {
    const index = /^vdevs\[(\d+)\]/.exec(field)?.[1]
    return index === undefined ? null : (vdevGroups(pool)[Number(index)]?.id ?? null)
  },
  beyond: 'pool',
  traits,
  layouts: zfsLayouts,
  request: zfsRequest,
  answer: answerZfs,
}

const vdevGroups = ({ groups }: ZfsDesignPool): ZfsVdevGroup[] => groups.filter(isVdev)

function capacityOf(pool: ZfsDesignPool, bytesOf: ReadonlyMap<string, number>): PoolCapacity {
  const groups = vdevGroups(pool)
  const vdevs = groups.map((group) => ({
    kind: group.kind,
    draid: group.kind === 'draid' ? group.draid : undefined,
    members: sizesOf(group, bytesOf),
  }))
  // Drives are given to ZFS whole.
  const capacity = zfsPoolCapacity({ ashift: pool.ashift, wholeDisks: true, vdevs })
  return {
    rawBytes: capacity.rawBytes,
    poolSizeBytes: capacity.poolSizeBytes,
    availableBytes: capacity.availableBytes,
    strandedByDrive: Object.assign(
      {},
      ...groups.map((group) =>
        byDrive(group.driveIds, strandedInVdev(group, sizesOf(group, bytesOf))),
      ),
    ) as Record<string, number>,
  }
}

/** Of a vdev: its members without those that parity or copies fill. */
function dataMembers(group: ZfsVdevGroup): number {
  const width = group.driveIds.length
  if (group.kind === 'mirror') return 1
  if (group.kind === 'stripe') return width
  const { parity, data, spares } =
    group.kind === 'draid'
      ? group.draid
      : { parity: vdevKindOf(group).toleratesFailures(width), data: null, spares: 0 }
  const share = data === null ? (width - parity) / width : data / (data + parity)
  return (width - spares) * share
}

function traits(pool: ZfsDesignPool): Traits {
  const groups = vdevGroups(pool)
  const sum = (pick: (group: ZfsVdevGroup) => number): number =>
    groups.reduce((total, group) => total + pick(group), 0)
  const width = (group: ZfsVdevGroup): number => group.driveIds.length
  const onlyMirrors = groups.every(({ kind }) => kind === 'mirror' || kind === 'stripe')
  const narrowest = Math.min(...groups.map((group) => (group.kind === 'stripe' ? 1 : width(group))))
  const writes = Math.max(...groups.map(writesOfSmallBlock))
  return {
    streamingDrives: sum(dataMembers),
    // Data and parity of a block lie on all members of a group, and each group takes its part.
    writing: {
      drives: 'all',
      loadEach: 1 / sum(dataMembers),
      parityLoadEach: 0,
      othersLoadEach: 0,
    },
    // A record that is changed in part is read, and then written whole, in full stripes and to new places. The rate
    // is that of whole records: smaller pieces move as many bytes for less.
    writingInPieces: {
      drives: 'all',
      loadEach: 1 / sum(dataMembers) + 1 / sum(width),
      parityLoadEach: 0,
      othersLoadEach: 0,
    },
    randomDrives: sum(answeringApart),
    // Files lie on every group; of a mirror one member is enough. Parity lies on another member for each block, so
    // all members of a parity group carry data of a large file.
    spinningToRead: () => sum((group) => (group.kind === 'mirror' ? 1 : width(group))),
    growthDrives: narrowest,
    grows: onlyMirrors
      ? 'By another group of any width, or by larger drives in one group.'
      : 'By another whole group, or by larger drives in every place of one. Newer releases can also widen a raidz group by one drive.',
    shrinks: onlyMirrors
      ? 'Groups can be taken out while the rest has room.'
      : 'Not at all: a parity group stays for good.',
    readableAlone:
      groups.length === 1 && groups[0]?.kind === 'mirror'
        ? 'Yes: each member of a lone mirror holds everything.'
        : 'No: a pool is read whole or not at all.',
    writeHole: {
      exposed: false,
      words:
        'None: blocks are never overwritten, and a block and its parity become valid together.',
      remedies: [],
    },
    // To change part of a record, the record is read first.
    smallWrite: { reads: 1, writes },
    parityDrive: null,
    countsFileSystem: true,
    readsOnlyStored: true,
    checksums: true,
    compresses: true,
    warning: null,
  }
}

/** Drives, or sets of drives, that answer small reads apart. A block of a parity group lies on all its data members. */
function answeringApart(group: ZfsVdevGroup): number {
  const width = group.driveIds.length
  if (group.kind === 'mirror' || group.kind === 'stripe') return width
  if (group.kind !== 'draid') return 1
  const { parity, data, spares } = group.draid
  return Math.max(1, Math.floor((width - spares) / (data + parity)))
}

function writesOfSmallBlock(group: ZfsVdevGroup): number {
  const width = group.driveIds.length
  const kind: VdevKind = vdevKindOf(group)
  if (group.kind === 'mirror') return width
  return group.kind === 'draid'
    ? group.draid.parity + group.draid.data
    : 1 + kind.toleratesFailures(width)
}

function vdevWords(group: ZfsVdevGroup): string {
  if (group.kind !== 'draid') return group.kind
  const { parity, data, spares } = group.draid
  return `draid${parity}:${data}d:${group.driveIds.length}c:${spares}s`
}
