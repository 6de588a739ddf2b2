import type { Account, ApiToken, MadeSecret, TokenScope } from '@flint/contract'
import { type DataSource, IsNull, Not } from 'typeorm'
import { HttpProblem, notFound } from '../http/problems'
import { AccountEntity, ApiTokenEntity } from './entities'
import { hashPassword, isPassword } from './passwords'
import { digestOf, newSecret } from './secrets'

const NO_ACCOUNT = 'There is no such account.'

/** Any number that nothing else here locks by. */
const ACCOUNTS_LOCK = 4_811

/** How often it is noted that a token is in use. */
const USE_NOTED_EVERY_MS = 60_000

/** What can be changed of an account. */
export interface AccountChange {
  isKeeper?: boolean | undefined
  isDisabled?: boolean | undefined
  password?: string | undefined
}

/** Accounts and the tokens of their programs. */
export class PeopleStore {
  constructor(private readonly database: DataSource) {}

  async hasAccounts(): Promise<boolean> {
    return (await this.database.manager.count(AccountEntity)) > 0
  }

  async accounts(): Promise<Account[]> {
    const rows = await this.database.manager.find(AccountEntity, { order: { nameKey: 'ASC' } })
    return rows.map(asAccount)
  }

  /** The account, while it may sign in. */
  async account(id: string): Promise<Account | null> {
    const row = await this.database.manager.findOneBy(AccountEntity, { id, disabledAt: IsNull() })
    return row && asAccount(row)
  }

  /** The account whose name and password these are; null for any other. */
  async signedInBy(name: string, password: string): Promise<Account | null> {
    const row = await this.database.manager.findOneBy(AccountEntity, { nameKey: keyOf(name) })
    // A name that is not there takes as long as one that is, so that names cannot be found out by the clock.
    const isRight = await isPassword(row?.passwordHash ?? (await this.#anyHash()), password)
    return row && isRight && !row.disabledAt ? asAccount(row) : null
  }

  #hash: Promise<string> | null = null
  #anyHash(): Promise<string> {
    this.#hash ??= hashPassword(newSecret())
    return this.#hash
  }

  /** @throws HttpProblem 409 when there is an account already */
  async makeFirst(name: string, password: string): Promise<Account> {
    return this.#make(name, password, true, true)
  }

  /** @throws HttpProblem 409 when the name is taken */
  async make(name: string, password: string, isKeeper: boolean): Promise<Account> {
    return this.#make(name, password, isKeeper, false)
  }

  async #make(name: string, password: string, isKeeper: boolean, first: boolean): Promise<Account> {
    const passwordHash = await hashPassword(password)
    const plain = plainName(name)
    return this.database.transaction(async (manager) => {
      await manager.query('SELECT pg_advisory_xact_lock($1)', [ACCOUNTS_LOCK])
      if (first && (await manager.count(AccountEntity)) > 0) {
        throw new HttpProblem(409, 'Not made', 'There is an account already; sign in with it.')
      }
      if (await manager.existsBy(AccountEntity, { nameKey: keyOf(name) })) {
        throw new HttpProblem(409, 'Name taken', `There is an account named ${plain} already.`)
      }
      const row = manager.create(AccountEntity, { name: plain, nameKey: keyOf(name), passwordHash })
      return asAccount(await manager.save(Object.assign(row, { isKeeper, disabledAt: null })))
    })
  }

  /** @throws HttpProblem 404; 409 when nobody would keep the house any more */
  async change(id: string, { isKeeper, isDisabled, password }: AccountChange): Promise<Account> {
    const passwordHash = password === undefined ? undefined : await hashPassword(password)
    return this.database.transaction(async (manager) => {
      await manager.query('SELECT pg_advisory_xact_lock($1)', [ACCOUNTS_LOCK])
      const row = await manager.findOneBy(AccountEntity, { id })
      if (!row) throw notFound(NO_ACCOUNT)
      if (isKeeper !== undefined) row.isKeeper = isKeeper
      if (isDisabled !== undefined)
        row.disabledAt = isDisabled ? (row.disabledAt ?? new Date()) : null
      if (passwordHash !== undefined) row.passwordHash = passwordHash
      const others = { id: Not(id), isKeeper: true, disabledAt: IsNull() }
      if ((!row.isKeeper || row.disabledAt) && !(await manager.existsBy(AccountEntity, others))) {
        throw new HttpProblem(
          409,
          'Not changed',
          'Somebody has to keep the house; name another keeper first.',
        )
      }
      await manager.save(row)
      // Whoever is signed in with the old password, or may not be any more, has to sign in again.
      if (passwordHash !== undefined || row.disabledAt) await signOut(manager, id)
      return asAccount(row)
    })
  }

  /** @throws HttpProblem 403 when the password before is not right */
  async changePassword(id: string, before: string, password: string): Promise<void> {
    const row = await this.database.manager.findOneByOrFail(AccountEntity, { id })
    if (!(await isPassword(row.passwordHash, before))) {
      throw new HttpProblem(403, 'Not changed', 'The password before is not right.')
    }
    await this.change(id, { password })
  }

  async tokens(accountId: string): Promise<ApiToken[]> {
    const rows = await this.database.manager.find(ApiTokenEntity, {
      where: { accountId },
      order: { createdAt: 'ASC' },
    })
    return rows.map(({ id, name, scope, createdAt, lastUsedAt }) => ({
      id,
      name,
      scope,
      createdAt: createdAt.toISOString(),
      lastUsedAt: lastUsedAt?.toISOString() ?? null,
    }))
  }

  async makeToken(accountId: string, name: string, scope: TokenScope): Promise<MadeSecret> {
    const secret = newSecret()
    const { manager } = this.database
    const row = {
      accountId,
      name: plainName(name),
      scope,
      digest: digestOf(secret),
      lastUsedAt: null,
    }
    const { id } = await manager.save(manager.create(ApiTokenEntity, row))
    return { id, secret }
  }

  /** @throws HttpProblem 404 */
  async removeToken(accountId: string, id: string): Promise<void> {
    const { affected } = await this.database.manager.delete(ApiTokenEntity, { id, accountId })
    if (!affected) throw notFound('There is no such token.')
  }

  /** The account and scope of a token, while its account may sign in; null for any other text. */
  async byToken(secret: string): Promise<{ account: Account; scope: TokenScope } | null> {
    const { manager } = this.database
    const row = await manager.findOneBy(ApiTokenEntity, { digest: digestOf(secret) })
    const account = row && (await this.account(row.accountId))
    if (!account) return null
    if (Date.now() - (row.lastUsedAt?.getTime() ?? 0) > USE_NOTED_EVERY_MS) {
      await manager.update(ApiTokenEntity, { id: row.id }, { lastUsedAt: new Date() })
    }
    return { account, scope: row.scope }
  }
}

/** Ends every session of an account. */
async function signOut(
  manager: { query: (sql: string, values: unknown[]) => Promise<unknown> },
  accountId: string,
): Promise<void> {
  await manager.query(`DELETE FROM session WHERE sess ->> 'accountId' = $1`, [accountId])
}

/** One name, however it was typed: composed letters, single spaces. */
const plainName = (name: string): string => name.normalize('NFKC').trim().replaceAll(/\s+/g, ' ')
const keyOf = (name: string): string => plainName(name).toLowerCase()

const asAccount = ({ id, name, isKeeper, disabledAt }: AccountEntity): Account => ({
  id,
  name,
  isKeeper,
  isDisabled: disabledAt !== null,
})
