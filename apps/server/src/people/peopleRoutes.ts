import {
  ChangeAccount,
  ChangePassword,
  ListEntries,
  MakeAccount,
  MakeFirstAccount,
  MakeToken,
  type Session,
  SignIn,
} from '@flint/contract'
import type { Request } from 'express'
import { HttpProblem } from '../http/problems'
import { readBody, readQuery } from '../http/readBody'
import { uuidOf } from '../http/uuidOf'
import { type ApiRoute, isAbout } from './apiRoute'
import type { Attempts } from './attempts'
import type { ChangeStore } from './changeStore'
import { principalOf } from './identify'
import type { PeopleStore } from './peopleStore'
import { accountIdOf } from './principal'
import { digestOf } from './secrets'
import { beginSession, endSession } from './sessions'

export interface PeopleSettings {
  needsAccounts: boolean
  /** With which the first account can be made; null where none can. */
  firstCode: string | null
}

/** Signing in, accounts, tokens and the list of changes. */
export function peopleRoutes(
  people: PeopleStore,
  changes: ChangeStore,
  attempts: Attempts,
  { needsAccounts, firstCode }: PeopleSettings,
): ApiRoute[] {
  async function sessionOf(request: Request): Promise<Session> {
    const principal = principalOf(request)
    if (principal.kind === 'link') return { kind: 'link', designId: principal.designId }
    if (!needsAccounts) return { kind: 'house' }
    const accountId = accountIdOf(principal)
    const account = accountId === null ? null : await people.account(accountId)
    if (account) return { kind: 'account', account }
    return { kind: (await people.hasAccounts()) ? 'signed out' : 'no account yet' }
  }

  function onlyWithAccounts(): void {
    if (needsAccounts) return
    throw new HttpProblem(
      409,
      'Not needed',
      'Nobody has to sign in: this is open to this machine only.',
    )
  }

  return [
    {
      method: 'get',
      path: '/session',
      needs: 'nothing',
      does: null,
      answer: async (request, response) => {
        response.json(await sessionOf(request))
      },
    },
    {
      method: 'post',
      path: '/session',
      needs: 'nothing',
      does: null,
      answer: async (request, response) => {
        const { name, password } = await readBody(SignIn, request.body)
        onlyWithAccounts()
        const [address, key] = [request.ip ?? '', name.trim().toLowerCase()]
        await attempts.begin(address, key)
        const account = await people.signedInBy(name, password)
        if (!account) {
          throw new HttpProblem(403, 'Not signed in', 'The name or the password is not right.')
        }
        await attempts.succeed(address, key)
        await beginSession(request, account.id)
        response.json({ kind: 'account', account } satisfies Session)
      },
    },
    {
      method: 'delete',
      path: '/session',
      needs: 'nothing',
      does: null,
      answer: async (request, response) => {
        onlyWithAccounts()
        await endSession(request)
        response.clearCookie('flint-session').status(204).end()
      },
    },
    {
      method: 'post',
      path: '/accounts/first',
      needs: 'nothing',
      does: null,
      answer: async (request, response) => {
        const { code, name, password } = await readBody(MakeFirstAccount, request.body)
        onlyWithAccounts()
        const address = request.ip ?? ''
        await attempts.begin(address, 'the first code')
        // Compared by their digests, which takes the same time for every code.
        if (firstCode === null || digestOf(code.trim().toUpperCase()) !== digestOf(firstCode)) {
          throw new HttpProblem(
            403,
            'Not made',
            'The code is not right. It is on the terminal where Flint Shelf was started.',
          )
        }
        const account = await people.makeFirst(name, password)
        await attempts.succeed(address, 'the first code')
        await beginSession(request, account.id)
        await changes.note({
          actor: account.name,
          did: 'made the first account',
          designId: null,
          about: null,
        })
        response.status(201).json({ kind: 'account', account } satisfies Session)
      },
    },
    {
      method: 'get',
      path: '/accounts',
      needs: 'know people',
      does: null,
      answer: async (_request, response) => {
        response.json(await people.accounts())
      },
    },
    {
      method: 'post',
      path: '/accounts',
      needs: 'keep house',
      does: 'made an account',
      answer: async (request, response) => {
        const { name, password, isKeeper } = await readBody(MakeAccount, request.body)
        const account = await people.make(name, password, isKeeper ?? false)
        isAbout(response, account.name)
        response.status(201).json(account)
      },
    },
    {
      method: 'put',
      path: '/accounts/:accountId',
      needs: 'keep house',
      does: 'changed an account',
      answer: async (request, response) => {
        const change = await readBody(ChangeAccount, request.body)
        const account = await people.change(
          uuidOf(request, 'accountId', 'There is no such account.'),
          change,
        )
        isAbout(response, account.name)
        response.json(account)
      },
    },
    {
      method: 'put',
      path: '/account/password',
      needs: 'account',
      does: 'changed their password',
      answer: async (request, response) => {
        const { passwordBefore, password } = await readBody(ChangePassword, request.body)
        const accountId = ownAccountId(request)
        await attempts.begin(request.ip ?? '', accountId)
        await people.changePassword(accountId, passwordBefore, password)
        await attempts.succeed(request.ip ?? '', accountId)
        // All sessions have ended with the old password; this one begins anew.
        await beginSession(request, accountId)
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/account/tokens',
      needs: 'account',
      does: null,
      answer: async (request, response) => {
        response.json(await people.tokens(ownAccountId(request)))
      },
    },
    {
      method: 'post',
      path: '/account/tokens',
      needs: 'account',
      does: 'made a token',
      answer: async (request, response) => {
        const { name, scope } = await readBody(MakeToken, request.body)
        isAbout(response, name)
        response.status(201).json(await people.makeToken(ownAccountId(request), name, scope))
      },
    },
    {
      method: 'delete',
      path: '/account/tokens/:tokenId',
      needs: 'account',
      does: 'removed a token',
      answer: async (request, response) => {
        await people.removeToken(
          ownAccountId(request),
          uuidOf(request, 'tokenId', 'There is no such token.'),
        )
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/changes',
      needs: 'keep house',
      does: null,
      answer: async (request, response) => {
        const { before } = await readQuery(ListEntries, request.query)
        response.json(await changes.list(null, before ?? null))
      },
    },
  ]
}

function ownAccountId(request: Request): string {
  const accountId = accountIdOf(principalOf(request))
  // What needs an account is asked by nobody else.
  if (accountId === null) throw new HttpProblem(401, 'Sign in', 'Sign in first.')
  return accountId
}
