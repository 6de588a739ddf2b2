import { badRequest, HttpProblem } from './problems'
import { readBody } from './readBody'

/**
 * One of something, or a list of them below a field.
 * @throws HttpProblem 400 naming what is wrong in which of them
 */
export async function readList<Sent extends object>(
  sent: new () => Sent,
  body: unknown,
  field: string,
  most: number,
): Promise<Sent[]> {
  const list = ((body ?? {}) as Record<string, unknown>)[field]
  if (list === undefined) return [await readBody(sent, body)]
  if (!Array.isArray(list) || list.length === 0 || list.length > most) {
    throw badRequest([{ field, sentence: `${field} must be a list of 1 to ${most}.` }])
  }
  const read: Sent[] = []
  for (const [at, one] of list.entries()) {
    try {
      read.push(await readBody(sent, one))
    } catch (error) {
      if (!(error instanceof HttpProblem)) throw error
      const errors = error.document.errors ?? []
      throw badRequest(
        errors.map((problem) => ({
          field: `${field}.${at}.${problem.field}`,
          sentence: problem.sentence,
        })),
      )
    }
  }
  return read
}
