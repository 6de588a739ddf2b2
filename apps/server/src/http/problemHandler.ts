import { PROBLEM_MEDIA_TYPE, type ProblemDocument } from '@flint/contract'
import type { ErrorRequestHandler } from 'express'
import { COME_AGAIN_SECONDS, tooBusy } from './inTurn'
import { badRequest, HttpProblem } from './problems'

/** The last stop of every error: what is known becomes its problem document, the rest a 500. */
export const problemHandler: ErrorRequestHandler = (error, request, response, next) => {
  // One that was given up has its answer already; its connection may carry the next request by now.
  if (response.writableEnded) return
  if (response.headersSent) {
    next(error)
    return
  }
  const problem = problemOf(error)
  if (problem.status >= 500 && problem.status !== 503)
    request.log.error({ err: error as unknown }, 'request failed')
  if (problem.status === 503) response.set('Retry-After', String(COME_AGAIN_SECONDS))
  response.status(problem.status).type(PROBLEM_MEDIA_TYPE).send(JSON.stringify(problem))
}

function problemOf(error: unknown): ProblemDocument {
  if (error instanceof HttpProblem) return error.document
  const body = BODY_ERRORS[textOf(error, 'type')]
  if (body) return body().document
  const database = DATABASE_ERRORS[textOf(error, 'code')]
  if (database) return database().document
  if (textOf(error, 'message').includes('timeout exceeded when trying to connect')) {
    return tooBusy().document
  }
  return (ofHttp(error) ?? failed()).document
}

/** A text of an error, whatever the error is; empty where it has none. */
function textOf(error: unknown, field: string): string {
  if (typeof error !== 'object' || error === null) return ''
  const value = (error as Record<string, unknown>)[field]
  return typeof value === 'string' ? value : ''
}

/** By the reason that Express's body reader gives. */
const BODY_ERRORS: Partial<Record<string, () => HttpProblem>> = {
  'entity.parse.failed': () => unreadable('The body is not JSON.'),
  'entity.too.large': () =>
    new HttpProblem(413, 'Too large', 'The body is larger than 2 MB, the most that is taken.'),
  'charset.unsupported': () =>
    new HttpProblem(415, 'Not accepted', 'The body must be JSON in UTF-8.'),
  'encoding.unsupported': () =>
    new HttpProblem(415, 'Not accepted', 'The body must be JSON in UTF-8.'),
}

/** By PostgreSQL's own codes and those of the connection. */
const DATABASE_ERRORS: Partial<Record<string, () => HttpProblem>> = {
  ECONNREFUSED: () => databaseAway(),
  ECONNRESET: () => databaseAway(),
  '57P01': () => databaseAway(),
  '57P03': () => databaseAway(),
  '53300': () => tooBusy(),
  '57014': () => tooBusy(),
  '55P03': () => tooBusy(),
  '53100': () =>
    new HttpProblem(507, 'Disk full', 'The disk is full. Nothing was stored; make room first.'),
  '22P05': () => unreadable('A text has a character that cannot be stored.'),
  '22021': () => unreadable('A text has a character that cannot be stored.'),
}

const SENTENCES: Partial<Record<number, string>> = {
  400: 'The request cannot be read.',
  404: 'There is nothing at this address.',
  405: 'This cannot be done with what is at this address.',
  412: 'What is here is not what the request asks for.',
  416: 'There is no such part of the file.',
}

/** What Express and its parts say with a status of their own: always the client's error. */
function ofHttp(error: unknown): HttpProblem | null {
  if (typeof error !== 'object' || error === null || !('status' in error)) return null
  const { status } = error
  if (typeof status !== 'number' || status < 400 || status > 499) return null
  return new HttpProblem(status, 'Not accepted', SENTENCES[status] ?? 'The request cannot be read.')
}

const unreadable = (sentence: string): HttpProblem => badRequest([{ field: '', sentence }])

const databaseAway = (): HttpProblem =>
  new HttpProblem(
    503,
    'Not ready',
    'The database does not answer. The server waits until it is back; then ask again.',
  )

const failed = (): HttpProblem =>
  new HttpProblem(
    500,
    'The server failed',
    'The server could not do this. What was stored before is untouched.',
  )
