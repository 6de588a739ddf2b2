import type { StepId } from '../catalogue/steps'
import type { Finding, Found, Lack, LackFacts } from './finding'
import type { Given } from './given'
import type { Words } from './words'

/**
 * One rule: what it finds, as facts, and the sentence that is made of them.
 *
 * `find` never writes text, `sentence` never computes: so a search asks for facts alone, and a screen writes only
 * what it shows.
 */
export interface Rule<Code extends string, Facts extends object> {
  code: Code
  step: StepId
  find: (given: Given) => readonly (Found<Facts> | Lack)[]
  /** What happens and why, in one sentence. */
  sentence: (facts: Facts, words: Words) => string
  /** The house rule that spoke, where builders disagree. */
  houseRule?: (facts: Facts) => string | null
  /** What cannot be told while values are missing, from "whether" on; a rule without one lacks nothing. */
  question?: string
}

/** What a rule gives, told apart by its code. */
export type FindingOf<R> =
  R extends Rule<infer Code, infer Facts>
    ? Finding<Code, Facts> | Finding<`${Code}-not-known`, LackFacts>
    : never

/** Everything that a rule finds about what is given. */
export function findingsBy<Code extends string, Facts extends object>(
  { code, step, find }: Rule<Code, Facts>,
  given: Given,
): (Finding<Code, Facts> | Finding<`${Code}-not-known`, LackFacts>)[] {
  return find(given).map((one) => {
    const { partIds, groupIds } = one
    if ('missing' in one) {
      const { missing } = one
      return {
        code: `${code}-not-known` as const,
        severity: 'note',
        step,
        partIds,
        groupIds,
        facts: { missing },
        fix: null,
      }
    }
    const { severity, facts, fix } = one
    return { code, severity, step: one.step ?? step, partIds, groupIds, facts, fix }
  })
}
