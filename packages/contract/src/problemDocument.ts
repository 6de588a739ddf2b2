import type { DesignConflict } from './designResponses'

/** Source: RFC 9457, Problem Details for HTTP APIs. */
export const PROBLEM_MEDIA_TYPE = 'application/problem+json'

export interface FieldProblem {
  field: string
  sentence: string
}

export interface ProblemDocument {
  type: string
  title: string
  status: number
  /** One sentence for people. */
  detail: string
  errors?: FieldProblem[]
  conflict?: DesignConflict
}
