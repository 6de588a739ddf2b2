import type { Formatter } from '../units/formatter'

/** Why a pool cannot be made: a code, and what is needed to say it. */
export type PoolProblem =
  | { code: 'no-members'; of: 'pool' | 'array' }
  | { code: 'too-few-members'; kind: string; least: number; members: number }
  | { code: 'too-many-members'; kind: string; most: number; members: number }
  | { code: 'too-few-members-with-room'; kind: string; least: number }
  | { code: 'odd-number-for-pairs'; kind: string; members: number }
  | { code: 'too-few-members-for-columns'; columns: number; members: number }
  | { code: 'no-column-for-data'; columns: number; parity: number }
  | { code: 'no-data-drive' }
  | { code: 'no-parity-drive' }
  | { code: 'too-many-parity-drives'; most: number; drives: number }
  | { code: 'parity-drive-too-small'; bytes: number; largestDataBytes: number }
  | { code: 'no-vdev' }
  | { code: 'draid-without-shape' }
  | { code: 'ashift-out-of-range'; least: number; most: number }
  | { code: 'member-too-small'; leastBytes: number }
  | { code: 'too-many-bytes'; mostBytes: number }

/** A problem as part of a sentence: "a raidz2 needs at least 3 members, not 2." */
export function poolProblemWords(
  problem: PoolProblem,
  { apart, counted, drive, number, space }: Formatter,
): string {
  switch (problem.code) {
    case 'no-members':
      return problem.of === 'array' ? 'an array needs members.' : 'a pool needs members.'
    case 'too-few-members':
      return `a ${problem.kind} needs at least ${counted(problem.least, 'member')}, not ${problem.members}.`
    case 'too-many-members':
      return `a ${problem.kind} takes at most ${counted(problem.most, 'member')}, not ${problem.members}.`
    case 'too-few-members-with-room':
      return `the profile ${problem.kind} needs at least ${counted(problem.least, 'member')} with room for a chunk.`
    case 'odd-number-for-pairs':
      return `a ${problem.kind} is made of pairs, so not of ${counted(problem.members, 'member')}.`
    case 'too-few-members-for-columns':
      return `${counted(problem.columns, 'column')} need as many members with room for a slab; there are ${problem.members}.`
    case 'no-column-for-data':
      return `${problem.parity} of ${counted(problem.columns, 'column')} leave none for data.`
    case 'no-data-drive':
      return 'at least one data drive is needed.'
    case 'no-parity-drive':
      return 'at least one parity drive is needed.'
    case 'too-many-parity-drives':
      return `at most ${counted(problem.most, 'parity drive')} are taken, not ${problem.drives}.`
    case 'parity-drive-too-small': {
      // Drives sold as one size differ by a few sectors, which three digits do not show.
      const [parity, data] = apart(problem.bytes, problem.largestDataBytes, drive, 3)
      return `a parity drive must be at least as large as the largest data drive: ${parity} is less than ${data}.`
    }
    case 'no-vdev':
      return 'a pool needs at least one vdev.'
    case 'draid-without-shape':
      return 'a draid needs its parity, data and spares.'
    case 'ashift-out-of-range':
      return `ashift must be a whole number from ${problem.least} to ${problem.most}.`
    case 'member-too-small':
      return `ZFS refuses a member below ${space(problem.leastBytes, 0)}.`
    case 'too-many-bytes':
      return `the members add up to more than ${number(problem.mostBytes / 1e12)} TB, the most that is counted exactly.`
  }
}
