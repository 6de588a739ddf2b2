import { isUUID } from 'class-validator'
import type { Request } from 'express'
import { notFound } from '../http/problems'

/** The design in the address. @throws HttpProblem 404 when it can be none */
export function designIdOf(request: Request): string {
  return uuidOf(request, 'id', 'There is no such design on the shelf.')
}

/** @throws HttpProblem 404 with that sentence when it is no UUID */
export function uuidOf(request: Request, name: string, sentence: string): string {
  const value = request.params[name]
  if (typeof value !== 'string' || !isUUID(value)) throw notFound(sentence)
  return value
}
