import { MIB } from '../../../units/bytes'
import { floorDivide } from '../../../units/floorDivide'
import { greatestDivisor } from '../../../units/greatestDivisor'
import { type DraidShape, redundancyOfVdev } from '../../../design/pools/zfsPool'
import { sectorsFor, type VdevKind } from './vdevKind'

/** A member is cut into rows of this size; 32 MiB at its end stay free for reflow. */
const ROW_BYTES = 16 * MIB
const RESERVE_BYTES = 32 * MIB

const PLAIN_NAMES = { 1: 'single', 2: 'double', 3: 'triple' } as const

/**
 * Parity groups shuffled over all members, with spare space on all of them instead of spare drives.
 *
 * A block always fills whole rows of its group, so that a small block takes as much as a full row: blocks
 * are padded to data × sector size. In exchange a rebuild reads from and writes to every member at once.
 *
 * Source: OpenZFS 2.1.11, vdev_draid_asize and vdev_draid_min_asize.
 * @example draid({ parity: 2, data: 8, spares: 1 }).allocatedBytes(131072, 11, 12) // 163840
 */
export function draid({ parity, data, spares }: DraidShape): VdevKind {
  const groupWidth = data + parity
  return {
    ...redundancyOfVdev({ kind: 'draid', draid: { parity, data, spares } }),
    kind: 'draid',
    label: `${PLAIN_NAMES[parity]} parity over all, ${spares} spread ${spares === 1 ? 'spare' : 'spares'}`,
    maximumMembers: 255,
    membersStandAlone: false,
    allocatableBytes: (smallestMemberBytes, width) => {
      const rowsBytes = floorDivide(smallestMemberBytes - RESERVE_BYTES, ROW_BYTES) * ROW_BYTES
      const groupBytes = groupWidth * ROW_BYTES
      return floorDivide(Math.max(0, rowsBytes) * (width - spares), groupBytes) * groupBytes
    },
    allocatedBytes: (blockBytes, _width, ashift) =>
      Math.ceil(sectorsFor(blockBytes, ashift) / data) * groupWidth * 2 ** ashift,
    // A group must not lie across two metaslabs, so each begins and ends at a whole row of sectors. A metaslab of x
    // rows, from i·x to (i+1)·x, has ⌊(i+1)x⌋ − ⌈ix⌉ whole ones: ⌊x⌋ where it begins at a whole row or where x has
    // more to give, one less elsewhere. All of them together have ⌊nx⌋ less one for each that begins within a row,
    // which says how many are shorter without looking at each.
    metaslabLengths: ({ count, eachBytes }, ashift) => {
      const rowBytes = groupWidth * 2 ** ashift
      const most = floorDivide(eachBytes, rowBytes)
      const wholeEvery = rowBytes / greatestDivisor(rowBytes, eachBytes)
      const beginWithin = count - Math.ceil(count / wholeEvery)
      const rows = floorDivide(count * eachBytes, rowBytes) - beginWithin
      const shorter = count * most - rows
      return [
        { bytes: most * rowBytes, count: count - shorter },
        { bytes: (most - 1) * rowBytes, count: shorter },
      ]
    },
  }
}
