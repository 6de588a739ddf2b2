import { LINK_HEADER } from '@flint/contract'
import type { Request, RequestHandler } from 'express'
import type { PeopleStore } from './peopleStore'
import type { Principal } from './principal'

const principals = new WeakMap<Request, Principal>()

/** Who asks; known after `identify`. */
export const principalOf = (request: Request): Principal =>
  principals.get(request) ?? { kind: 'nobody' }

export interface Identifying {
  /** Whether somebody has to sign in; otherwise whoever asks is at this machine. */
  needsAccounts: boolean
  people: PeopleStore
  /** The design that a link is for; null when it has expired or is no link. */
  designOfLink: (key: string) => Promise<string | null>
}

/** Finds out who asks: by the token or the link that was sent along, or else by the session. */
export function identify(identifying: Identifying): RequestHandler {
  return async (request, _response, next) => {
    principals.set(request, await whoAsks(request, identifying))
    next()
  }
}

async function whoAsks(
  request: Request,
  { needsAccounts, people, designOfLink }: Identifying,
): Promise<Principal> {
  const key = request.get(LINK_HEADER)
  if (key !== undefined) {
    const designId = await designOfLink(key)
    return designId ? { kind: 'link', designId } : { kind: 'nobody' }
  }
  const [, token] = /^Bearer ([\w-]+)$/.exec(request.get('authorization') ?? '') ?? []
  if (token !== undefined) {
    const by = await people.byToken(token)
    if (!by) return { kind: 'nobody' }
    const { account, scope } = by
    return { kind: 'token', accountId: account.id, name: account.name, scope }
  }
  if (!needsAccounts) return { kind: 'house' }
  const { accountId } = request.session
  const account = accountId === undefined ? null : await people.account(accountId)
  if (!account) return { kind: 'nobody' }
  return { kind: 'account', accountId: account.id, name: account.name, isKeeper: account.isKeeper }
}
