import { z } from 'zod'
import { type Problem, problemsOf } from '../design/problem'
import { type ColumnPool, columnsCapacity } from './columns/columnsCapacity'
import { dedicatedParityCapacity } from './dedicatedParity/dedicatedParityCapacity'
import { type DataLoss, dataLossByFailures } from './dedicatedParity/dataLossByFailures'
import { type FamilyCapacity, sumOf } from './familyCapacity'
import {
  fixedStripesCapacity,
  fixedStripesGroups,
  STRIPE_LEVELS,
} from './fixedStripes/fixedStripesCapacity'
import {
  CHUNK_PROFILES,
  flexibleChunksCapacity,
  PROFILES,
} from './flexibleChunks/flexibleChunksCapacity'
import { PoolError } from './poolError'
import {
  type RedundancyGroup,
  type Survival,
  survivalByCounting,
} from './survival/survivalByCounting'
import { vdevKindOf, ZFS_VDEV_KIND_NAMES } from './zfs/vdevKinds'
import { type ZfsPool, type ZfsPoolCapacity, zfsPoolCapacity } from './zfs/zfsPoolCapacity'

const MOST_MEMBERS = 1_024

/** Counted before each entry is looked at, so that ten million of them are refused at once. */
const members = z
  .array(z.unknown())
  .max(MOST_MEMBERS)
  .pipe(z.array(z.int().min(0)))

const pieceBytes = z
  .int()
  .min(1)
  .max(2 ** 50)

const draidShape = z.strictObject({
  parity: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  data: z.int().min(1).max(255),
  spares: z.int().min(0).max(100),
})

const zfsVdev = z
  .strictObject({
    kind: z.enum([...ZFS_VDEV_KIND_NAMES, 'draid']),
    draid: draidShape.optional(),
    members,
  })
  .refine(({ kind, draid }) => (kind === 'draid') === (draid !== undefined), {
    path: ['draid'],
    error: ({ input }) =>
      (input as { kind?: string }).kind === 'draid'
        ? 'is missing: a draid needs its parity, data and spares'
        : 'belongs to a draid only',
  })

const zfsRequest = z.strictObject({
  family: z.literal('zfs'),
  ashift: z.int().min(9).max(16),
  wholeDisks: z.boolean(),
  vdevs: z.array(zfsVdev).min(1).max(MOST_MEMBERS),
})

const parityDrives = { parity: members, data: members }

/** One schema for each redundancy family; a new family is added here and answered below. */
const capacityRequest = z.discriminatedUnion('family', [
  zfsRequest,
  z.strictObject({ family: z.literal('dedicated-parity'), ...parityDrives }),
  z.strictObject({ family: z.literal('scheduled-parity'), ...parityDrives }),
  z.strictObject({ family: z.literal('fixed-stripes'), level: z.enum(STRIPE_LEVELS), members }),
  z.strictObject({
    family: z.literal('flexible-chunks'),
    profile: z.enum(CHUNK_PROFILES),
    chunkBytes: pieceBytes,
    members,
  }),
  z.strictObject({
    family: z.literal('columns'),
    columns: z.int().min(1).max(MOST_MEMBERS),
    parity: z.union([z.literal(0), z.literal(1), z.literal(2)]),
    slabBytes: pieceBytes,
    interleaveBytes: pieceBytes,
    members,
  }),
])

type CapacityRequest = z.infer<typeof capacityRequest>

/** The answer for any family; ZFS has more to say. */
export type CapacityAnswer = FamilyCapacity &
  Partial<Omit<ZfsPoolCapacity, keyof FamilyCapacity>> & {
    survival: Survival
    /** Column pools: the cluster to format with. */
    clusterBytes?: number
    /** Families whose drives are readable alone: what is lost beyond the parity. */
    dataLost?: DataLoss[]
  }

/**
 * Answers a question about one pool, as the command line and other programs ask it.
 *
 * @param raw one pool of any family, as `{ family: 'zfs', ashift, wholeDisks, vdevs: [{ kind, members }] }`
 * @returns the answer, or the first thing that is wrong with the question; never throws
 */
export function answerCapacity(raw: unknown): CapacityAnswer | Problem {
  const checked = capacityRequest.safeParse(raw, { reportInput: true })
  if (!checked.success) {
    const [problem] = problemsOf(checked.error.issues, 1)
    return problem ?? { field: '', sentence: 'The input is not a pool.' }
  }
  const request = checked.data
  const tooMany = tooManyMembers(request)
  if (tooMany) return tooMany
  try {
    return answer(request)
  } catch (error) {
    if (!(error instanceof PoolError)) throw error
    return { field: error.field, sentence: `${error.field}: ${error.message}` }
  }
}

function answer(request: CapacityRequest): CapacityAnswer {
  switch (request.family) {
    case 'zfs':
      return zfsAnswer(request)
    case 'dedicated-parity':
    case 'scheduled-parity': {
      const { family, parity, data } = request
      return {
        ...dedicatedParityCapacity(family, request),
        survival: survivalByCounting([
          { width: parity.length + data.length, bears: parity.length },
        ]),
        dataLost: dataLossByFailures(request),
      }
    }
    case 'fixed-stripes': {
      const { level, members: drives } = request
      const capacity = fixedStripesCapacity(level, drives)
      return { ...capacity, survival: survivalByCounting(fixedStripesGroups(level, drives.length)) }
    }
    case 'flexible-chunks': {
      const { profile, chunkBytes, members: drives } = request
      const capacity = flexibleChunksCapacity(profile, chunkBytes, drives)
      return { ...capacity, survival: oneGroup(drives.length, PROFILES[profile].bears) }
    }
    case 'columns': {
      const pool: ColumnPool = request
      return { ...columnsCapacity(pool), survival: oneGroup(pool.members.length, pool.parity) }
    }
  }
}

/** Which chunks share which drives is not fixed, so any more failures may hit some of them. */
function oneGroup(width: number, bears: number): Survival {
  return survivalByCounting([{ width, bears }])
}

function zfsAnswer(pool: ZfsPool): CapacityAnswer {
  const capacity = zfsPoolCapacity(pool)
  const groups = pool.vdevs.flatMap((vdev): RedundancyGroup[] => {
    const width = vdev.members.length
    const { bearsFailures, membersStandAlone } = vdevKindOf(vdev)
    return membersStandAlone
      ? Array.from({ length: width }, () => ({ width: 1, bears: 0 }))
      : [{ width, bears: bearsFailures(width) }]
  })
  return {
    ...capacity,
    usableBytes: capacity.availableBytes,
    strandedBytes: pool.vdevs.flatMap((vdev) => {
      const smallest = vdevKindOf(vdev).membersStandAlone ? null : Math.min(...vdev.members)
      return vdev.members.map((bytes) => (smallest === null ? 0 : bytes - smallest))
    }),
    survival: survivalByCounting(groups),
  }
}

function tooManyMembers(request: CapacityRequest): Problem | null {
  const lists: Record<string, readonly (readonly number[])[]> =
    request.family === 'zfs'
      ? { vdevs: request.vdevs.map((vdev) => vdev.members) }
      : 'data' in request
        ? { data: [request.parity, request.data] }
        : { members: [request.members] }
  for (const [field, all] of Object.entries(lists)) {
    const count = all.reduce((sum, one) => sum + one.length, 0)
    if (count > MOST_MEMBERS) {
      return {
        field,
        sentence: `${field} has ${count} members in all; ${MOST_MEMBERS} is the most.`,
      }
    }
    // The sums of a ZFS pool check this themselves, vdev by vdev.
    if (request.family === 'zfs') continue
    if (all.reduce((sum, one) => sum + sumOf(one), 0) > Number.MAX_SAFE_INTEGER) {
      return {
        field,
        sentence: `${field}: the members add up to more than 9,007 TB, the most that is counted exactly.`,
      }
    }
  }
  return null
}

/** Tells an answer from a problem. */
export function isProblem(outcome: object): outcome is Problem {
  return 'sentence' in outcome
}
