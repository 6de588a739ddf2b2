import { z } from 'zod'
import { GIB } from '../../units/bytes'
import type { Layout, LayoutFamily, SizedDrive, Traits } from '../layoutFamily'
import { byDrive, largestFirst, sizesOf } from '../driveSizes'
import { THOUGHT, thoughtOf } from '../thoughtPool'
import { groupOf, pieceBytes, poolFields } from '../poolFields'
import { PoolError } from '../poolError'
import { requestMembers } from '../requestMembers'
import { survivalByCounting } from '../survival/survivalByCounting'
import {
  CHUNK_PROFILES,
  type ChunkProfile,
  flexibleChunksCapacity,
  PROFILES,
} from './flexibleChunksCapacity'

const schema = z.strictObject({
  ...poolFields,
  family: z.literal('flexible-chunks'),
  chunkBytes: pieceBytes.default(GIB),
  groups: z.array(groupOf(CHUNK_PROFILES)).max(1),
})
type ChunkPool = z.infer<typeof schema>

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
  family: 'flexible-chunks',
  title: 'Flexible chunks',
  about:
    'Checksums and snapshots over drives of any sizes, grown one at a time; its parity profiles are not for data you care about.',
  source:
    'Chunk by chunk over the drives with most room, checked against brute force; two copies against min(half the sum, sum less the largest). The manner of allocation is from memory, its own records come on top.',
  schema,
  groupWords: ({ kind }) => ({ plainName: PLAIN_NAMES[kind], ownWords: kind }),
  fewestMembers: ({ kind }) => PROFILES[kind].fewest,
  capacityOf: ({ groups, chunkBytes }, bytesOf) => {
    const [group] = groups
    if (!group) throw new PoolError('members', 'A pool needs members.')
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
  // Which chunks share which drives is not fixed, so any more failures may hit some of them.
  failureSets: ({ groups }) =>
    groups.map(({ id, kind, driveIds }) => ({
      groupIds: [id],
      driveIds,
      bears: driveIds.length < PROFILES[kind].fewest ? 0 : PROFILES[kind].bears,
      by: PROFILES[kind].parity ? 'parity' : kind === 'single' ? 'nothing' : 'copies',
    })),
  beyond: 'pool',
  traits,
  layouts,
  request,
  answer: ({ profile, chunkBytes, members }) => ({
    ...flexibleChunksCapacity(profile, chunkBytes, members),
    survival: survivalByCounting([{ width: members.length, bears: PROFILES[profile].bears }]),
  }),
}

function traits({ groups, chunkBytes }: ChunkPool): Traits {
  const profile = groups[0]?.kind ?? 'single'
  const width = groups[0]?.driveIds.length ?? 0
  const { parity, bears } = PROFILES[profile]
  const copies = parity ? 1 : bears + 1
  return {
    // Without stripes a file lies on one drive, chunk after chunk.
    streamingDrives: parity ? Math.max(0, width - bears) : Math.min(1, width),
    randomDrives: width,
    spinningToRead: (fileBytes) =>
      parity
        ? Math.max(0, width - bears)
        : Math.min(width - copies + 1, Math.ceil(fileBytes / chunkBytes)),
    growthDrives: 1,
    grows: 'By any one drive; a balance run spreads what is there already.',
    shrinks: 'Take a drive out while the others have room for what it holds.',
    readableAlone: 'No: chunks of one file lie on several drives.',
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
    smallWrite: parity ? { reads: 1 + bears, writes: 1 + bears } : { reads: 0, writes: copies },
    parityDrive: null,
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
    const groups = thoughtOf([{ kind: profile, driveIds }])
    return {
      id: profile,
      title: PLAIN_NAMES[profile],
      ownWords: profile,
      pool: reason ? null : { ...THOUGHT, family: 'flexible-chunks', chunkBytes: GIB, groups },
      reason,
      usual: true,
    }
  })
}
