import { isUUID } from 'class-validator'
import type { Request } from 'express'
import { notFound } from './problems'

/** What the address calls so. @throws HttpProblem 404 with that sentence when it is no UUID */
export function uuidOf(request: Request, name: string, sentence: string): string {
  const value = request.params[name]
  if (typeof value !== 'string' || !isUUID(value)) throw notFound(sentence)
  return value
}
