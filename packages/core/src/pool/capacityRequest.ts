import { z } from 'zod'
import { type Problem, problemsOf } from '../design/problem'
import { type Survival, survivalByCounting } from './survival/survivalByCounting'
import { vdevKinds, ZFS_VDEV_KIND_NAMES } from './zfs/vdevKinds'
import { type ZfsPoolCapacity, ZfsPoolError, zfsPoolCapacity } from './zfs/zfsPoolCapacity'

const MOST_MEMBERS = 1_024

/** Counted before each entry is looked at, so that ten million of them are refused at once. */
const members = z
  .array(z.unknown())
  .max(MOST_MEMBERS)
  .pipe(z.array(z.int().min(0)))

const zfsRequest = z.strictObject({
  family: z.literal('zfs'),
  ashift: z.int().min(9).max(16),
  wholeDisks: z.boolean(),
  vdevs: z
    .array(z.strictObject({ kind: z.enum(ZFS_VDEV_KIND_NAMES), members }))
    .min(1)
    .max(MOST_MEMBERS),
})

/** One schema for each redundancy family; a new family is added here. */
const capacityRequest = z.discriminatedUnion('family', [zfsRequest])

export interface CapacityAnswer extends ZfsPoolCapacity {
  survival: Survival
}

/**
 * Answers a question about one pool, as the command line and other programs ask it.
 *
 * @param raw one pool: `{ family, ashift, wholeDisks, vdevs: [{ kind, members }] }`
 * @returns the answer, or the first thing that is wrong with the question; never throws
 */
export function answerCapacity(raw: unknown): CapacityAnswer | Problem {
  const checked = capacityRequest.safeParse(raw, { reportInput: true })
  if (!checked.success) {
    const [problem] = problemsOf(checked.error.issues, 1)
    return problem ?? { field: '', sentence: 'The input is not a pool.' }
  }
  const request = checked.data
  const memberCount = request.vdevs.reduce((sum, vdev) => sum + vdev.members.length, 0)
  if (memberCount > MOST_MEMBERS) {
    return {
      field: 'vdevs',
      sentence: `vdevs has ${memberCount} members in all; ${MOST_MEMBERS} is the most.`,
    }
  }
  try {
    const capacity = zfsPoolCapacity(request)
    const survival = survivalByCounting(
      request.vdevs.flatMap(({ kind, members: { length: width } }) => {
        const { bearsFailures, membersStandAlone } = vdevKinds[kind]
        return membersStandAlone
          ? Array.from({ length: width }, () => ({ width: 1, bears: 0 }))
          : [{ width, bears: bearsFailures(width) }]
      }),
    )
    return { ...capacity, survival }
  } catch (error) {
    if (!(error instanceof ZfsPoolError)) throw error
    return { field: error.field, sentence: `${error.field}: ${error.message}` }
  }
}

/** Tells an answer from a problem. */
export function isProblem(outcome: object): outcome is Problem {
  return 'sentence' in outcome
}
