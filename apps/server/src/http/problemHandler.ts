import { PROBLEM_MEDIA_TYPE, type ProblemDocument } from '@flint/contract'
import type { ErrorRequestHandler } from 'express'
import { HttpProblem, badRequest } from './problems'

/** The last stop of every error: what is known becomes its problem document, the rest a 500. */
export const problemHandler: ErrorRequestHandler = (error, request, response, next) => {
  if (response.headersSent) {
    next(error)
    return
  }
  const problem = problemOf(error)
  if (problem.status >= 500) request.log.error({ err: error as unknown }, 'request failed')
  response.status(problem.status).type(PROBLEM_MEDIA_TYPE).send(JSON.stringify(problem))
}

function problemOf(error: unknown): ProblemDocument {
  if (error instanceof HttpProblem) return error.document
  switch (bodyReadingError(error)) {
    case 'entity.parse.failed':
      return badRequest([{ field: '', sentence: 'The body is not JSON.' }]).document
    case 'entity.too.large':
      return new HttpProblem(
        413,
        'Too large',
        'The body is larger than 2 MB, the most that is taken.',
      ).document
    case 'charset.unsupported':
    case 'encoding.unsupported':
      return new HttpProblem(415, 'Not accepted', 'The body must be JSON in UTF-8.').document
    case undefined:
      return new HttpProblem(
        500,
        'The server failed',
        'The server could not do this. What was stored before is untouched.',
      ).document
    default:
      return badRequest([{ field: '', sentence: 'The body cannot be read.' }]).document
  }
}

/** The reason Express's body reader gives, if the error comes from there. */
function bodyReadingError(error: unknown): string | undefined {
  if (typeof error !== 'object' || error === null) return undefined
  if (!('type' in error) || typeof error.type !== 'string') return undefined
  return error.type
}
