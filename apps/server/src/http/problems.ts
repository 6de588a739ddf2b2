import type { DesignConflict, FieldProblem, ProblemDocument } from '@flint/contract'

/** An answer that is not what was asked for, as a problem document. */
export class HttpProblem extends Error {
  readonly document: ProblemDocument

  constructor(
    status: number,
    title: string,
    detail: string,
    more: { errors?: FieldProblem[]; conflict?: DesignConflict } = {},
  ) {
    super(detail)
    this.document = { type: 'about:blank', title, status, detail, ...more }
  }
}

export function notFound(detail: string): HttpProblem {
  return new HttpProblem(404, 'Not found', detail)
}

/** Refuses a request; the detail is the first thing that is wrong. */
export function badRequest(errors: FieldProblem[]): HttpProblem {
  const [first] = errors
  const detail = first?.sentence ?? 'The request cannot be read.'
  return new HttpProblem(400, 'Not accepted', detail, { errors })
}
