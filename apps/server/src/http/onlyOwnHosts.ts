import { isIP } from 'node:net'
import type { RequestHandler } from 'express'
import { HttpProblem } from './problems'

/**
 * Answers only requests made to this machine by its address, as localhost, or by a name that its owner has given it.
 *
 * A page from elsewhere can make a browser send requests here under a name of its own that leads here; asking for
 * the name it used stops that. A number cannot be made to lead elsewhere.
 */
export function onlyOwnHosts(ownNames: readonly string[]): RequestHandler {
  const names = new Set(['localhost', ...ownNames.map((name) => name.toLowerCase())])
  return (request, _response, next) => {
    const name = (request.headers.host ?? '').replace(/:\d+$/, '').toLowerCase()
    if (!names.has(name) && isIP(name.replace(/^\[(.*)\]$/, '$1')) === 0) {
      throw new HttpProblem(
        421,
        'Not for this server',
        'Flint Shelf answers only under its own address, or a name in FLINT_HOST_NAMES.',
      )
    }
    next()
  }
}

/**
 * Changes come as JSON, which other people's pages cannot send without being asked first. Nor can they delete, so what
 * is deleted needs no body to say so.
 */
export const onlyJsonChanges: RequestHandler = (request, _response, next) => {
  const changes = !['GET', 'HEAD', 'OPTIONS'].includes(request.method)
  // Null without a body.
  const isJson = request.is('application/json')
  const isBareDelete = request.method === 'DELETE' && isJson === null
  if (changes && !isJson && !isBareDelete) {
    throw new HttpProblem(415, 'Not accepted', 'Send changes as application/json.')
  }
  next()
}
