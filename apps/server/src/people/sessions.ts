import { promisify } from 'node:util'
import pgSessions from 'connect-pg-simple'
import type { Request, RequestHandler } from 'express'
import session from 'express-session'
import type { Pool } from 'pg'

declare module 'express-session' {
  interface SessionData {
    accountId: string
    /** When its id was last changed, milliseconds since 1970. */
    renewedAt: number
  }
}

const DAY_MS = 24 * 60 * 60 * 1_000
/** A browser that was not used for so long has to sign in again. */
const LONGEST_UNUSED_MS = 30 * DAY_MS

/** Browsers that are signed in, kept in the database; the cookie holds nothing but a signed number. */
export function sessions(pool: Pool, secret: string): RequestHandler {
  const Store = pgSessions(session)
  return session({
    name: 'flint-session',
    secret,
    store: new Store({ pool, tableName: 'session', pruneSessionInterval: false }),
    resave: false,
    saveUninitialized: false,
    rolling: true,
    cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: LONGEST_UNUSED_MS },
  })
}

/** Gives a session that is a day old another id, so that one that was copied once does not last. */
export const renewSession: RequestHandler = async (request, _response, next) => {
  const { accountId, renewedAt = 0 } = request.session
  if (accountId !== undefined && Date.now() - renewedAt > DAY_MS)
    await beginSession(request, accountId)
  next()
}

/** Signs this browser in, under a new id. */
export async function beginSession(request: Request, accountId: string): Promise<void> {
  const before = request.session
  await promisify(before.regenerate.bind(before))()
  const { session: begun } = request
  begun.accountId = accountId
  begun.renewedAt = Date.now()
  await promisify(begun.save.bind(begun))()
}

/** Signs this browser out. */
export async function endSession({ session: ended }: Request): Promise<void> {
  await promisify(ended.destroy.bind(ended))()
}
