import { isUUID } from 'class-validator'
import type { Request } from 'express'
import { notFound } from '../http/problems'

/** The design in the address; who may do nothing with it, because it is none, is not let in this far. */
export const designIdOf = (request: Request): string => String(request.params.id)

/** @throws HttpProblem 404 with that sentence when it is no UUID */
export function uuidOf(request: Request, name: string, sentence: string): string {
  const value = request.params[name]
  if (typeof value !== 'string' || !isUUID(value)) throw notFound(sentence)
  return value
}
