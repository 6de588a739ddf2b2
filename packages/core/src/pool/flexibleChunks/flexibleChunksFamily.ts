import { z } from 'zod'
import { GIB } from '../../units/bytes'
import type { Layout, LayoutFamily, SizedDrive, Traits } from '../layoutFamily'
import { byDrive, largestFirst, sizesOf } from '../driveSizes'
import { PLACEHOLDER_POOL, withPlaceholderIds } from '../../design/pools/placeholderPool'
import {
  CHUNK_PROFILES,
  type ChunkPool,
  type ChunkProfile,
  flexibleChunksShape,
  PROFILES,
} from '../../design/pools/flexibleChunksPool'
import { pieceBytes } from '../../design/pools/poolFields'
import { readModifyWriteLoad } from '../readModifyWriteLoad'
import { PoolError } from '../poolError'
import { requestMembers } from '../requestMembers'
import { survivalByCounting } from '../survival/survivalByCounting'
import { flexibleChunksCapacity } from './flexibleChunksCapacity'

const request = z.strictObject({
  family: z.literal('flexible-chunks'),
  profile: z.enum(CHUNK_PROFILES),
  chunkBytes: pieceBytes,
  members: requestMembers,
})

const PLAIN_NAMES: Record<ChunkProfile, string> = {
  single: 'one copy of everything',
  'two-copies': 'two copies of everything',
  'three-copies': 'three copies of everything',
  'single-parity': 'single parity by chunk',
  'double-parity': 'double parity by chunk',
}

/** A copy-on-write file system that allocates chunks over drives of any sizes. */
export const flexibleChunksFamily: LayoutFamily<ChunkPool, z.infer<typeof request>> = {
  ...flexibleChunksShape,
  title: 'Flexible chunks',
  about:
    'Checksums and snapshots over drives of any sizes, grown one at a time; its parity profiles are not for data you care about.',
  source:
    'Chunk by chunk over the drives with most room, checked against brute force; two copies against min(half the sum, sum less the largest). The manner of allocation is from memory, its own records come on top.',
  groupWords: ({ kind }) => ({ label: PLAIN_NAMES[kind], nativeName: kind }),
  capacityOf: ({ groups, chunkBytes }, bytesOf) => {
    const [group] = groups
    if (!group) throw new PoolError('members', { code: 'no-members', of: 'pool' })
    const { rawBytes, usableBytes, strandedBytes } = flexibleChunksCapacity(
      group.kind,
      chunkBytes,
      sizesOf(group, bytesOf),
    )
    return {
      rawBytes,
      poolSizeBytes: null,
      availableBytes: usableBytes,
      strandedByDrive: byDrive(
        group.driveIds,
        // Less than a chunk at the end of a drive is nothing anybody would call stranded.
        strandedBytes.map((bytes) => (bytes < chunkBytes ? 0 : bytes)),
      ),
    }
  },
  idleBecause: ({ kind }) =>
    PROFILES[kind].parity
      ? 'no other drive has room for the rest of a stripe'
      : 'no other drive has room for the other copy',
  blamedGroup: ({ groups }) => groups[0]?.id ?? null,
  beyond: 'pool',
  traits,
  layouts,
  request,
  answer: ({ profile, chunkBytes, members }) => ({
    ...flexibleChunksCapacity(profile, chunkBytes, members),
    survival: survivalByCounting([
      { width: members.length, tolerates: PROFILES[profile].tolerates },
    ]),
  }),
}

function traits({ groups, chunkBytes }: ChunkPool): Traits {
  const profile = groups[0]?.kind ?? 'single'
  const width = groups[0]?.driveIds.length ?? 0
  const { parity, tolerates } = PROFILES[profile]
  /** Where there is no parity. */
  const copies = tolerates + 1
  return {
    // Without stripes a file lies on one drive, chunk after chunk.
    streamingDrives: parity ? Math.max(0, width - tolerates) : Math.min(1, width),
    writing: {
      drives: parity ? 'all' : Math.min(copies, width),
      loadEach: parity ? 1 / (width - tolerates) : 1,
      parityLoadEach: 0,
      othersLoadEach: 0,
    },
    writingInPieces: {
      drives: parity ? 'all' : Math.min(copies, width),
      loadEach: parity ? readModifyWriteLoad(tolerates) / width : 1,
      parityLoadEach: 0,
      othersLoadEach: 0,
    },
    randomDrives: width,
    spinningToRead: (fileBytes) =>
      // Parity lies on another drive for each stripe, so all of them carry data of a large file.
      parity ? width : Math.min(width - copies + 1, Math.ceil(fileBytes / chunkBytes)),
    growthDrives: 1,
    grows: 'By any one drive; a balance run spreads what is there already.',
    shrinks: 'Take a drive out while the others have room for what it holds.',
    readableAlone:
      !parity && copies === width
        ? 'Yes: each drive holds a copy of everything.'
        : 'No: chunks of one file lie on several drives.',
    writeHole: parity
      ? {
          exposed: true,
          words:
            'A stripe that is written in part may lose its parity in a power cut, also that of older data in it.',
          remedies: [
            'metadata in two or three copies instead of parity',
            'a scrub after every unclean stop, one drive at a time',
            'a UPS',
          ],
        }
      : {
          exposed: false,
          words: 'None: blocks are never overwritten, and checksums tell the good copy.',
          remedies: [],
        },
    smallWrite: parity
      ? { reads: 1 + tolerates, writes: 1 + tolerates }
      : { reads: 0, writes: copies },
    parityDrive: null,
    countsFileSystem: false,
    readsOnlyStored: true,
    checksums: true,
    compresses: true,
    warning: parity
      ? 'Striped parity on a copy-on-write file system is experimental: not for data you care about.'
      : null,
  }
}

function layouts(drives: readonly SizedDrive[]): Layout<ChunkPool>[] {
  const driveIds = largestFirst(drives)
  return CHUNK_PROFILES.map((profile) => {
    const { fewest } = PROFILES[profile]
    const withRoom = drives.filter(({ capacityBytes }) => capacityBytes >= GIB).length
    const reason =
      withRoom < fewest ? `${PLAIN_NAMES[profile]} needs at least ${fewest} drives.` : null
    const groups = withPlaceholderIds([{ kind: profile, driveIds }])
    return {
      id: profile,
      title: PLAIN_NAMES[profile],
      nativeName: profile,
      pool: reason
        ? null
        : { ...PLACEHOLDER_POOL, family: 'flexible-chunks', chunkBytes: GIB, groups },
      reason,
      usual: true,
    }
  })
}
