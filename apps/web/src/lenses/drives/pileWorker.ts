import { type Candidate, candidates, type HouseRules, type PileDrive } from '@flint/core'
import { expose } from 'comlink'

const finder = {
  /** Finds what drives could be away from the page, so that many of them do not hold it up. */
  candidates(drives: PileDrive[], rules: HouseRules): Candidate[] {
    return candidates(drives, rules)
  },
}

export type CandidateFinder = typeof finder

expose(finder)
