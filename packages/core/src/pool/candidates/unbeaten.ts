import { type Candidate, CANDIDATE_COLUMNS, type CandidateColumn } from './candidate'

type Unmarked = Omit<Candidate, 'unbeaten'>

const COLUMNS = Object.entries(CANDIDATE_COLUMNS) as [CandidateColumn, 'more' | 'less'][]

/**
 * Marks the candidates that nothing else beats: no other is at least as good in every column and better in
 * one. What is not known counts as worst, so that nothing is marked for a figure nobody knows.
 */
export function markUnbeaten(candidates: readonly Unmarked[]): Candidate[] {
  const scores = candidates.map((candidate) =>
    COLUMNS.map(([column, better]) => {
      // ZFS counts what its own tables take and others leave that out, so their space as shown is no fair measure.
      const value = column === 'workingBytes' ? candidate.comparedBytes : candidate[column]
      if (value === null) return -Infinity
      return better === 'more' ? value : -value
    }),
  )
  return candidates.map((candidate, index) => {
    const own = scores[index] ?? []
    return { ...candidate, unbeaten: !scores.some((other) => beats(other, own)) }
  })
}

function beats(other: readonly number[], own: readonly number[]): boolean {
  let better = false
  for (let at = 0; at < own.length; at += 1) {
    const [others = 0, mine = 0] = [other[at], own[at]]
    if (others < mine) return false
    if (others > mine) better = true
  }
  return better
}
