import type { RequestHandler } from 'express'
import { HttpProblem } from './problems'

const LOOPBACK_NAMES = new Set(['localhost', '127.0.0.1', '[::1]'])

/**
 * Answers only requests made to this machine's own names.
 *
 * A page from elsewhere can make a browser send requests to loopback under a name of its own; asking
 * for the name it used stops that. When the owner has opened the server to their network, other
 * names are theirs to choose.
 */
export function onlyOwnHosts(listensOnLoopback: boolean): RequestHandler {
  return (request, _response, next) => {
    const name = (request.headers.host ?? '').replace(/:\d+$/, '')
    if (listensOnLoopback && !LOOPBACK_NAMES.has(name)) {
      throw new HttpProblem(
        421,
        'Not for this server',
        'Flint Shelf answers only under its own address.',
      )
    }
    next()
  }
}

/** Changes come as JSON, which other people's pages cannot send without being asked first. */
export const onlyJsonChanges: RequestHandler = (request, _response, next) => {
  const changes = !['GET', 'HEAD', 'OPTIONS'].includes(request.method)
  if (changes && !request.is('application/json')) {
    throw new HttpProblem(415, 'Not accepted', 'Send changes as application/json.')
  }
  next()
}
