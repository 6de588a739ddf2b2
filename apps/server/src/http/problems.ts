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

/** Also for one that is there and that whoever asks may not see. */
export const noSuchDesign = (): HttpProblem => notFound('There is no such design on the shelf.')

/** Problems that one answer lists; a body of nonsense would give thousands. */
export const MOST_LISTED = 20

/** Refuses a request; the detail is the first thing that is wrong, and how many more there are than are listed. */
export function badRequest(
  errors: readonly FieldProblem[],
  /** How many there are, where not all of them were written out. */
  count = errors.length,
): HttpProblem {
  const [first] = errors
  const more = count - MOST_LISTED
  const detail = `${first?.sentence ?? 'The request cannot be read.'}${more > 0 ? ` And ${more} more.` : ''}`
  return new HttpProblem(400, 'Not accepted', detail, { errors: errors.slice(0, MOST_LISTED) })
}
