import type { Request } from 'express'
import { notFound } from './problems'

/**
 * The number of an entry in the address.
 * @param none what is said where it is no number
 * @throws HttpProblem 404
 */
export function numberOf(request: Request, none: string): string {
  const { number } = request.params
  if (typeof number !== 'string' || !/^[1-9]\d{0,14}$/.test(number)) throw notFound(none)
  return number
}
