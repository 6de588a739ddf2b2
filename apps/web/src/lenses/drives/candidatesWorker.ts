import type { HouseRules } from '@flint/core/editing'
import { type Candidate, candidates, type CandidateDrive } from '@flint/core/figures'
import { expose } from 'comlink'

const finder = {
  /** Finds what drives could be away from the page, so that many of them do not hold it up. */
  candidates(drives: CandidateDrive[], rules: HouseRules): Candidate[] {
    return candidates(drives, rules)
  },
}

export type CandidateFinder = typeof finder

expose(finder)
