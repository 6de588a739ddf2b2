import type { ProblemDocument } from '@flint/contract'

/** What went wrong with a request: the server's own problem, or that there was no answer. */
export type RequestProblem = { kind: 'no-answer' } | { kind: 'refused'; problem: ProblemDocument }

/** Reads the error of a request, whatever shape it has. */
export function problemOf(error: unknown): RequestProblem {
  if (typeof error === 'object' && error !== null && 'data' in error && isProblem(error.data)) {
    return { kind: 'refused', problem: error.data }
  }
  return { kind: 'no-answer' }
}

/** One sentence about it, for people. */
export function problemSentence(error: unknown): string {
  const problem = problemOf(error)
  return problem.kind === 'refused' ? problem.problem.detail : 'The server does not answer.'
}

function isProblem(data: unknown): data is ProblemDocument {
  return typeof data === 'object' && data !== null && 'status' in data && 'detail' in data
}
