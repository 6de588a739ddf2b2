import { z } from 'zod'
import type {
  Layout,
  LayoutFamily,
  PoolCapacity,
  SizedDrive,
  Traits,
  Writing,
} from '../layoutFamily'
import { byDrive, largestFirst, sizesOf } from '../driveSizes'
import { PLACEHOLDER_POOL, withPlaceholderIds } from '../../design/pools/placeholderPool'
import {
  type DedicatedPool,
  dedicatedParityShape,
  type ParityPool,
  type ScheduledPool,
  scheduledParityShape,
} from '../../design/pools/parityPools'
import { upperFirst } from '../../units/firstLetter'
import { countWord } from '../numberWords'
import { sumOf } from '../familyCapacity'
import { requestMembers } from '../requestMembers'
import { survivalByCounting } from '../survival/survivalByCounting'
import { dataLossByFailures } from './dataLossByFailures'
import { dedicatedParityCapacity, MOST_PARITY_DRIVES } from './dedicatedParityCapacity'

type ParityFamily = keyof typeof MOST_PARITY_DRIVES

const drives = { parity: requestMembers, data: requestMembers }
const dedicatedRequest = z.strictObject({ family: z.literal('dedicated-parity'), ...drives })
const scheduledRequest = z.strictObject({ family: z.literal('scheduled-parity'), ...drives })
type Request = z.infer<typeof dedicatedRequest> | z.infer<typeof scheduledRequest>

/** What both have in common: data drives with file systems of their own, and parity drives beside them. */
const common = {
  source:
    'Common practice, no source: the data drives add up, and parity as large as the largest of them covers them.',
  groupWords: ({ kind }: ParityPool['groups'][number]) =>
    kind === 'parity'
      ? { label: 'parity of all data drives', nativeName: '' }
      : { label: 'data, each readable alone', nativeName: '' },
  capacityOf,
  idleBecause: () => 'no data drive is as large as this parity drive',
  blamedGroup: ({ groups }: ParityPool, field: string) =>
    (groups.find(({ kind }) => field.startsWith(kind)) ?? groups[0])?.id ?? null,
  beyond: 'failed drives',
  dataLost: (pool: ParityPool, bytesOf: ReadonlyMap<string, number>) => {
    const { parity, data } = drivesOf(pool, bytesOf)
    return dataLossByFailures({ parity: parity.sizes, data: data.sizes })
  },
  answer: (request: Request) => ({
    ...dedicatedParityCapacity(request.family, request),
    survival: survivalByCounting([
      { width: request.parity.length + request.data.length, tolerates: request.parity.length },
    ]),
    dataLost: dataLossByFailures(request),
  }),
} as const

/** Parity kept in real time by the array itself. */
export const dedicatedParityFamily: LayoutFamily<
  DedicatedPool,
  z.infer<typeof dedicatedRequest>
> = {
  ...common,
  ...dedicatedParityShape,
  title: 'Parity drives, real time',
  about:
    'Mixed sizes, one spinning drive per file, each data drive readable alone; one drive’s speed, no checksums.',
  traits,
  layouts: (some) =>
    layoutsOf('dedicated-parity', some, (groups) => ({
      ...PLACEHOLDER_POOL,
      family: 'dedicated-parity',
      writesWithAllDrives: false,
      groups,
    })),
  request: dedicatedRequest,
}

/** Parity computed by a run every night or so. */
export const scheduledParityFamily: LayoutFamily<
  ScheduledPool,
  z.infer<typeof scheduledRequest>
> = {
  ...common,
  ...scheduledParityShape,
  title: 'Parity drives, scheduled',
  about:
    'Simple and fine for files that rarely change; what was written since the last run is not covered.',
  traits,
  layouts: (some) =>
    layoutsOf('scheduled-parity', some, (groups) => ({
      ...PLACEHOLDER_POOL,
      family: 'scheduled-parity',
      syncEveryHours: 24,
      groups,
    })),
  request: scheduledRequest,
}

function capacityOf(pool: ParityPool, bytesOf: ReadonlyMap<string, number>): PoolCapacity {
  const { parity, data } = drivesOf(pool, bytesOf)
  // An array that has no parity drive at the moment holds what its data drives hold.
  if (parity.sizes.length === 0 && data.sizes.length > 0) {
    const dataBytes = sumOf(data.sizes)
    return {
      rawBytes: dataBytes,
      poolSizeBytes: null,
      availableBytes: dataBytes,
      strandedByDrive: {},
    }
  }
  const { rawBytes, usableBytes, strandedBytes } = dedicatedParityCapacity(pool.family, {
    parity: parity.sizes,
    data: data.sizes,
  })
  return {
    rawBytes,
    poolSizeBytes: null,
    availableBytes: usableBytes,
    strandedByDrive: byDrive([...parity.driveIds, ...data.driveIds], strandedBytes),
  }
}

interface SizedDrives {
  driveIds: string[]
  sizes: number[]
}

function drivesOf(
  pool: ParityPool,
  bytesOf: ReadonlyMap<string, number>,
): Record<'parity' | 'data', SizedDrives> {
  const of = (wanted: 'parity' | 'data'): SizedDrives => {
    const groups = pool.groups.filter(({ kind }) => kind === wanted)
    const driveIds = groups.flatMap((group) => group.driveIds)
    return { driveIds, sizes: sizesOf({ driveIds }, bytesOf) }
  }
  return { parity: of('parity'), data: of('data') }
}

/**
 * What writing keeps busy: one data drive at a time, and in real time all parity drives with it. The old data and
 * parity are read before the new ones are written, which leaves half of a drive at best; or all other drives are
 * read instead, which leaves a whole one and lets none sleep. Common practice, no source.
 */
function writingOf(pool: ParityPool): Writing {
  if (pool.family === 'scheduled-parity') {
    return { drives: 1, loadEach: 1, parityLoadEach: 0, othersLoadEach: 0 }
  }
  return pool.writesWithAllDrives
    ? { drives: 1, loadEach: 1, parityLoadEach: 1, othersLoadEach: 1 }
    : { drives: 1, loadEach: 2, parityLoadEach: 2, othersLoadEach: 0 }
}

function traits(pool: ParityPool): Traits {
  const { groups } = pool
  const syncEveryHours = pool.family === 'scheduled-parity' ? pool.syncEveryHours : null
  const writing = writingOf(pool)
  const count = (wanted: 'parity' | 'data'): number =>
    groups.reduce((sum, { kind, driveIds }) => sum + (kind === wanted ? driveIds.length : 0), 0)
  const [parity, data] = [count('parity'), count('data')]
  return {
    streamingDrives: Math.min(1, data),
    writing,
    // A data drive has a file system of its own: a piece is written as a file is.
    writingInPieces: writing,
    randomDrives: data,
    spinningToRead: () => Math.min(1, data),
    growthDrives: 1,
    grows:
      'By any one drive, up to the size of the smallest parity drive; its files may be on it already.',
    shrinks: 'Empty a drive and take it out.',
    readableAlone: 'Yes: each data drive has a file system of its own.',
    writeHole:
      syncEveryHours === null
        ? {
            exposed: true,
            words:
              'A power cut between data and parity leaves parity that does not fit; a drive rebuilt from it is wrong at that place.',
            remedies: [
              'a parity check after every unclean stop',
              'a UPS that shuts it down in time',
            ],
          }
        : {
            exposed: true,
            words: `Files written, changed or deleted since the last run, up to ${String(syncEveryHours)} h, are not covered, and where they lay the other drives are covered less.`,
            remedies: [
              'a run right after large changes',
              'checksums of the run, checked by scrubs',
            ],
          },
    smallWrite:
      syncEveryHours === null ? { reads: 1 + parity, writes: 1 + parity } : { reads: 0, writes: 1 },
    parityDrive:
      'Any drive at least as large as the largest data drive; the largest ones are taken.',
    countsFileSystem: false,
    readsOnlyStored: false,
    checksums: syncEveryHours !== null,
    compresses: false,
    warning: null,
  }
}

function layoutsOf<P extends ParityPool>(
  family: ParityFamily,
  some: readonly SizedDrive[],
  poolOf: (groups: P['groups']) => P,
): Layout<P>[] {
  const ids = largestFirst(some)
  return Array.from({ length: MOST_PARITY_DRIVES[family] }, (_, index) => {
    const parity = index + 1
    const reason =
      ids.length > parity
        ? null
        : `${upperFirst(countWord(parity))} parity ${parity === 1 ? 'drive needs' : 'drives need'} at least one data drive beside.`
    const data = ids.length - parity
    return {
      id: `${family}-${parity}`,
      title: `${countWord(parity)} parity, ${countWord(Math.max(0, data))} data`,
      nativeName: '',
      pool: reason
        ? null
        : poolOf(
            withPlaceholderIds([
              { kind: 'parity' as const, driveIds: ids.slice(0, parity) },
              { kind: 'data' as const, driveIds: ids.slice(parity) },
            ]),
          ),
      reason,
      usual: true,
    }
  })
}
