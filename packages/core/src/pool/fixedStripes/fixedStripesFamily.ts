import { z } from 'zod'
import type { Layout, LayoutFamily, SizedDrive, Traits } from '../layoutFamily'
import { byDrive, largestFirst, sizesOf } from '../driveSizes'
import { SMALLEST_COUNTS } from '../smallestCounts'
import { PLACEHOLDER_POOL, withPlaceholderIds } from '../../design/pools/placeholderPool'
import {
  fixedStripesShape,
  STRIPE_LEVELS,
  STRIPE_RULES,
  type StripeLevel,
  type StripesPool,
} from '../../design/pools/fixedStripesPool'
import { readModifyWriteLoad } from '../readModifyWriteLoad'
import { PoolError } from '../poolError'
import { requestMembers } from '../requestMembers'
import { survivalByCounting } from '../survival/survivalByCounting'
import { DATA_MEMBERS, fixedStripesCapacity } from './fixedStripesCapacity'

const request = z.strictObject({
  family: z.literal('fixed-stripes'),
  level: z.enum(STRIPE_LEVELS),
  members: requestMembers,
})

const PLAIN_NAMES: Record<StripeLevel, string> = {
  raid0: 'stripes without redundancy',
  raid1: 'every drive the same',
  raid10: 'stripes over pairs',
  raid5: 'single parity in stripes',
  raid6: 'double parity in stripes',
}

/** Software or card RAID: an array of equal members with any file system on top. */
export const fixedStripesFamily: LayoutFamily<StripesPool, z.infer<typeof request>> = {
  ...fixedStripesShape,
  title: 'Fixed stripes',
  about:
    'Simple, quick and known everywhere; no checksums, every member counts as the smallest, all spin.',
  source:
    'Patterson, Gibson, Katz, A Case for Redundant Arrays of Inexpensive Disks, SIGMOD 1988, for levels 1 and 5; levels 0, 6 and 10 from memory. Metadata of the array and the file system on it come on top.',
  groupWords: ({ kind }) => ({ label: PLAIN_NAMES[kind], nativeName: kind }),
  capacityOf: ({ groups }, bytesOf) => {
    const [group] = groups
    if (!group) throw new PoolError('members', { code: 'no-members', of: 'array' })
    const { rawBytes, usableBytes, strandedBytes } = fixedStripesCapacity(
      group.kind,
      sizesOf(group, bytesOf),
    )
    return {
      rawBytes,
      poolSizeBytes: null,
      availableBytes: usableBytes,
      strandedByDrive: byDrive(group.driveIds, strandedBytes),
    }
  },
  idleBecause: () => SMALLEST_COUNTS,
  blamedGroup: ({ groups }) => groups[0]?.id ?? null,
  beyond: 'pool',
  traits,
  layouts,
  request,
  answer: ({ level, members }) => ({
    ...fixedStripesCapacity(level, members),
    survival: survivalByCounting(STRIPE_RULES[level].sets(members.length)),
  }),
}

function traits({ groups }: StripesPool): Traits {
  const level = groups[0]?.kind ?? 'raid0'
  const width = groups[0]?.driveIds.length ?? 0
  const parity = { raid5: 1, raid6: 2, raid0: 0, raid1: 0, raid10: 0 }[level]
  const copies = level === 'raid1' ? width : level === 'raid10' ? 2 : 1
  const data = DATA_MEMBERS[level](width)
  return {
    streamingDrives: data,
    writing: { drives: 'all', loadEach: 1 / data, parityLoadEach: 0, othersLoadEach: 0 },
    writingInPieces: {
      drives: 'all',
      loadEach: parity > 0 ? readModifyWriteLoad(parity) / width : 1 / data,
      parityLoadEach: 0,
      othersLoadEach: 0,
    },
    randomDrives: width,
    // Parity lies on another member for each stripe, so all of them carry data of a large file.
    spinningToRead: () => (parity > 0 ? width : data),
    // A mirror of everything holds no more with another member: it takes as many again.
    growthDrives: level === 'raid1' ? Math.max(1, width) : level === 'raid10' ? 2 : 1,
    grows:
      parity > 0
        ? 'By one drive, with a reshape of days over all of them; or by larger drives in every place.'
        : level === 'raid1'
          ? 'By larger drives in every place.'
          : 'By making it anew; some tools reshape.',
    shrinks: 'Hardly: the file system has to be made smaller first.',
    readableAlone:
      level === 'raid1' ? 'Yes: each member holds everything.' : 'No: stripes need the others.',
    writeHole:
      parity > 0
        ? {
            exposed: true,
            words:
              'A power cut between data and parity leaves a stripe that does not add up, and a later rebuild makes wrong data of it.',
            remedies: [
              'a journal on a drive with power-loss protection',
              'a partial parity log (single parity only)',
              'a card with battery-backed cache',
              'a UPS, and a check of all stripes after every unclean stop',
            ],
          }
        : {
            exposed: false,
            words:
              copies > 1
                ? 'None, but copies may differ after a power cut until they are compared again; a write-intent bitmap makes that quick.'
                : 'None: there is no parity.',
            remedies: [],
          },
    smallWrite:
      parity > 0 ? { reads: 1 + parity, writes: 1 + parity } : { reads: 0, writes: copies },
    parityDrive: null,
    countsFileSystem: false,
    readsOnlyStored: false,
    checksums: false,
    compresses: false,
    warning: null,
  }
}

function layouts(drives: readonly SizedDrive[]): Layout<StripesPool>[] {
  const driveIds = largestFirst(drives)
  return STRIPE_LEVELS.map((level) => {
    const fewest = STRIPE_RULES[level].fewest
    const reason =
      driveIds.length < fewest
        ? `A ${level} needs at least ${fewest} drives.`
        : level === 'raid10' && driveIds.length % 2 === 1
          ? 'Pairs need an even number of drives; 1 would be left over.'
          : null
    const groups = withPlaceholderIds([{ kind: level, driveIds }])
    return {
      id: level,
      title: `${PLAIN_NAMES[level]}, ${driveIds.length} wide`,
      nativeName: level,
      pool: reason ? null : { ...PLACEHOLDER_POOL, family: 'fixed-stripes', groups },
      reason,
      usual: true,
    }
  })
}
