import { certain } from '../../units/certain'
import { binomials } from './binomials'

/** Members of which `tolerates` may fail together, and no more. */
export interface CountedGroup {
  width: number
  tolerates: number
}

export interface SurvivalRow {
  failures: number
  /** Sets of failed members that the pool survives, a decimal integer. */
  survivingSets: string
  /** All sets of that many members, a decimal integer. */
  sets: string
  /** survivingSets / sets, 0 to 1. */
  survivingShare: number
}

export interface Survival {
  /** The most failures that are survived whichever members fail. */
  alwaysSurvived: number
  /** One row for each number of failures, from 1 to the number of members. */
  byFailures: SurvivalRow[]
}

/**
 * Which share of all ways in which k members can fail does a pool survive?
 *
 * Exact, by counting: a group of w members that tolerates p losses survives the sets counted by the
 * polynomial Σ_{j ≤ p} C(w, j)·x^j. The pool survives when every group does, so its polynomial is
 * the product; the coefficient of x^k over C(N, k) is the share.
 *
 * @param groups at least one group
 * Source: generating functions, elementary combinatorics. The check in the tests enumerates every
 * subset of small pools.
 * @example
 * survivalByCounting([{ width: 10, tolerates: 2 }, { width: 10, tolerates: 2 }]).byFailures[2]
 * // { failures: 3, survivingSets: '900', sets: '1140', survivingShare: 900 / 1140 }
 */
export function survivalByCounting(groups: readonly CountedGroup[]): Survival {
  const members = groups.reduce((sum, group) => sum + group.width, 0)
  const surviving = groups.reduce(timesGroup, [1n])
  const all = binomials(members)

  const byFailures: SurvivalRow[] = []
  let alwaysSurvived = 0
  for (let failures = 1; failures <= members; failures += 1) {
    const sets = certain(all[failures])
    const survivingSets = surviving[failures] ?? 0n
    if (survivingSets === sets && alwaysSurvived === failures - 1) alwaysSurvived = failures
    byFailures.push({
      failures,
      survivingSets: survivingSets.toString(),
      sets: sets.toString(),
      survivingShare: share(survivingSets, sets),
    })
  }
  return { alwaysSurvived, byFailures }
}

function timesGroup(polynomial: bigint[], { width, tolerates }: CountedGroup): bigint[] {
  // A group that has lost too much already survives nothing, not even no further failure.
  if (tolerates < 0) return [0n]
  const highest = Math.min(tolerates, width)
  const product = new Array<bigint>(polynomial.length + highest).fill(0n)
  const ways = binomials(width, highest)
  polynomial.forEach((coefficient, power) => {
    ways.forEach((sets, lost) => {
      product[power + lost] = certain(product[power + lost]) + coefficient * sets
    })
  })
  return product
}

/** The largest number below 1. */
const ALMOST_ONE = 1 - Number.EPSILON / 2

/**
 * Up to 1,024 members every count is below 10^308, so both integers have a nearest number. A share
 * that is not quite all is never rounded to all.
 */
function share(part: bigint, whole: bigint): number {
  return part === whole ? 1 : Math.min(Number(part) / Number(whole), ALMOST_ONE)
}
