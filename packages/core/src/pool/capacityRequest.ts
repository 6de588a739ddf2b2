import { type Problem, problemsOf } from '../catalogue/problem'
import { type CapacityRequest, familyOf, requestSchema } from './families'
import { sumOf } from './familyCapacity'
import type { CapacityAnswer } from './layoutFamily'
import { PoolError } from './poolError'
import { MOST_MEMBERS } from './requestMembers'

/**
 * Answers a question about one pool, as the command line and other programs ask it.
 *
 * @param raw one pool of any family, as `{ family: 'zfs', ashift, wholeDisks, vdevs: [{ kind, members }] }`
 * @returns the answer, or the first thing that is wrong with the question; never throws
 */
export function answerCapacity(raw: unknown): CapacityAnswer | Problem {
  const checked = requestSchema.safeParse(raw, { reportInput: true })
  if (!checked.success) {
    const [problem] = problemsOf(checked.error.issues, 1)
    return problem ?? { field: '', sentence: 'The input is not a pool.' }
  }
  const request = checked.data
  const tooMany = tooManyMembers(request)
  if (tooMany) return tooMany
  try {
    return familyOf(request).answer(request)
  } catch (error) {
    if (!(error instanceof PoolError)) throw error
    return { field: error.field, sentence: `${error.field}: ${error.message}` }
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
