import type {
  Account,
  ApiToken,
  ChangeEntry,
  MadeSecret,
  Session,
  ShelfPage,
  Sharing,
} from '@flint/contract'
import { newDesign, renameDesign } from '@flint/core/editing'
import request from 'supertest'
import type { Need } from '../../apps/server/src/people/need'
import { FIRST_CODE, startTestServer, type TestServer } from '../support/testServer'

const PASSWORD = 'a long enough one'
const WHO = [
  'nobody',
  'link',
  'meter token',
  'look token',
  'change token',
  'stranger',
  'looker',
  'changer',
  'owner',
  'keeper',
] as const
type Who = (typeof WHO)[number]

/** Who may do what, as docs/security.md says; written down apart from the code that decides it. */
const ACCOUNTS: Who[] = ['stranger', 'looker', 'changer', 'owner', 'keeper']
const MAY: Record<Need, readonly Who[]> = {
  nothing: WHO,
  look: ['link', 'look token', 'change token', ...ACCOUNTS],
  'see prices': ['look token', 'change token', ...ACCOUNTS],
  change: ['change token', ...ACCOUNTS],
  'look at design': ['link', 'look token', 'change token', 'looker', 'changer', 'owner'],
  'look back': ['look token', 'change token', 'looker', 'changer', 'owner'],
  'change design': ['change token', 'changer', 'owner'],
  'own design': ['owner'],
  'send readings': ['meter token', 'change token', 'changer', 'owner'],
  'know people': ACCOUNTS,
  account: ACCOUNTS,
  'keep house': ['keeper'],
}

let server: TestServer
type Agent = ReturnType<typeof request.agent>
const agents = new Map<Who, Agent>()
const accounts = new Map<Who, Account>()
const headers = new Map<Who, Record<string, string>>()

const agent = (who: Who): Agent => agents.get(who) ?? request.agent(server.app)
const accountId = (who: Who): string => accounts.get(who)?.id ?? ''

/** A design of the owner, shared with two, and a link to it. */
async function sharedDesign(): Promise<{ id: string; link: string }> {
  const { id } = await server.house.designs.create(newDesign('Shared'), {
    ownerId: accountId('owner'),
  })
  for (const [who, may] of [
    ['looker', 'look'],
    ['changer', 'change'],
  ] as const) {
    await agent('owner')
      .put(`/api/designs/${id}/sharing`)
      .send({ accountId: accountId(who), may })
      .expect(200)
  }
  const { body } = await agent('owner')
    .post(`/api/designs/${id}/links`)
    .send({ days: 1 })
    .expect(201)
  return { id, link: (body as MadeSecret).secret }
}

beforeAll(async () => {
  server = await startTestServer({ needsAccounts: true })
  const keeper = request.agent(server.app)
  const { body } = await keeper
    .post('/api/accounts/first')
    .send({ code: FIRST_CODE, name: 'Keeper', password: PASSWORD })
    .expect(201)
  agents.set('keeper', keeper)
  accounts.set('keeper', (body as Extract<Session, { kind: 'account' }>).account)
  for (const who of ['stranger', 'looker', 'changer', 'owner'] as const) {
    const { body: made } = await keeper
      .post('/api/accounts')
      .send({ name: who, password: PASSWORD })
      .expect(201)
    accounts.set(who, made as Account)
    const own = request.agent(server.app)
    await own.post('/api/session').send({ name: who.toUpperCase(), password: PASSWORD }).expect(200)
    agents.set(who, own)
  }
  for (const scope of ['meter', 'look', 'change'] as const) {
    const { body: token } = await agent('changer')
      .post('/api/account/tokens')
      .send({ name: `${scope} of a test`, scope })
      .expect(201)
    headers.set(`${scope} token`, { authorization: `Bearer ${(token as MadeSecret).secret}` })
  }
})
afterAll(() => server.stop())

describe('the permission matrix', () => {
  test('every route, asked by everyone, lets in those who may and nobody else', async () => {
    const wrong: string[] = []
    let untouched = await sharedDesign()
    for (const { method, path, needs } of server.routes) {
      for (const who of WHO) {
        const { id, link } = untouched
        const address = path
          .replace(':id', id)
          .replace(':revision', '1')
          .replace(/:(asideId|linkId|tokenId|accountId)/, '00000000-0000-4000-8000-000000000000')
          .replace(':slug', 'nothing-of-this-name')
        // Without a cookie for those who come with a key.
        const asking = who === 'link' || who.endsWith('token') ? request(server.app) : agent(who)
        const sent = asking[method](`/api${address}`).set({
          ...headers.get(who),
          ...(who === 'link' ? { 'x-flint-link': link } : {}),
        })
        // A body that says nothing: who is let in is told what is wrong with it.
        const { status, body } = await (method === 'get' ? sent : sent.send({ nothing: 1 }))
        const { detail } = body as { detail?: string }
        const isRefused =
          detail === 'Sign in first.' ||
          detail === 'You may look at this, but not do that with it.' ||
          (path.includes(':id') && detail === 'There is no such design on the shelf.')
        const isLetIn = !isRefused
        if (isLetIn !== MAY[needs].includes(who) || status >= 500) {
          wrong.push(`${who}: ${method} ${path} ${status} ${detail ?? ''}`)
        }
        // Who is let in may have changed the design, or who sees it.
        if (isLetIn && method !== 'get' && path.includes(':id')) untouched = await sharedDesign()
        if (path === '/session' && method === 'delete' && agents.has(who)) {
          await agent(who).post('/api/session').send({ name: who, password: PASSWORD }).expect(200)
        }
      }
    }
    expect(wrong).toEqual([])
    expect(server.routes.length).toBeGreaterThan(40)
  })

  test('a list has the designs that one may see, and what one may do with each', async () => {
    const { id } = await sharedDesign()
    const rightOf = async (who: Who, name = 'Shared'): Promise<string[]> => {
      const { body } = await agent(who)
        .get('/api/designs')
        .query({ find: name, order: 'changed' })
        .expect(200)
      return (body as ShelfPage).rows
        .filter((row) => name !== 'Shared' || row.id === id)
        .map(({ right }) => right)
    }
    expect(await rightOf('owner')).toEqual(['own'])
    expect(await rightOf('changer')).toEqual(['change'])
    expect(await rightOf('looker')).toEqual(['look'])
    expect(await rightOf('stranger')).toEqual([])
    expect(await rightOf('keeper')).toEqual([])
    // The demo belongs to nobody, so to the house.
    expect(await rightOf('stranger', 'Cabin archive')).toEqual(['change'])
    expect(await rightOf('keeper', 'Cabin archive')).toEqual(['own'])
  })

  test('what is taken away is gone at once, and the keeper has what a closed account had', async () => {
    const { id } = await sharedDesign()
    await agent('owner')
      .put(`/api/designs/${id}/sharing`)
      .send({ accountId: accountId('looker'), may: null })
      .expect(200)
    await agent('looker').get(`/api/designs/${id}`).expect(404)
    const leaving = request.agent(server.app)
    const { body } = await agent('keeper')
      .post('/api/accounts')
      .send({ name: 'Leaving', password: PASSWORD })
    const { id: leavingId } = body as Account
    await leaving.post('/api/session').send({ name: 'leaving', password: PASSWORD }).expect(200)
    const design = await server.house.designs.create(newDesign('Left'), { ownerId: leavingId })
    await agent('keeper').get(`/api/designs/${design.id}`).expect(404)
    await agent('keeper').put(`/api/accounts/${leavingId}`).send({ isDisabled: true }).expect(200)
    await leaving.get('/api/designs').expect(401)
    await leaving.post('/api/session').send({ name: 'leaving', password: PASSWORD }).expect(403)
    await agent('keeper').get(`/api/designs/${design.id}`).expect(200)
    await agent('keeper').delete(`/api/designs/${design.id}`).send({}).expect(204)
  })
})

describe('signing in', () => {
  test('the first account needs the code, and there is one first account only', async () => {
    const fresh = await startTestServer({ needsAccounts: true })
    const session = async () =>
      (await request(fresh.app).get('/api/session').expect(200)).body as Session
    expect(await session()).toEqual({ kind: 'no account yet' })
    const first = (code: string) =>
      request(fresh.app).post('/api/accounts/first').send({ code, name: 'One', password: PASSWORD })
    await first('WRONG').expect(403)
    const both = await Promise.all([first(FIRST_CODE), first(` ${FIRST_CODE.toLowerCase()} `)])
    expect(both.map(({ status }) => status).sort()).toEqual([201, 409])
    expect(await session()).toEqual({ kind: 'signed out' })
    await fresh.stop()
  })

  test('the cookie cannot be read by pages or sent by other sites, and its number changes at signing in', async () => {
    const one = request.agent(server.app)
    const cookie = async () => {
      const { headers: answered } = await one
        .post('/api/session')
        .send({ name: 'owner', password: PASSWORD })
        .expect(200)
      return String((answered['set-cookie'] as unknown as string[])[0])
    }
    const [first, second] = [await cookie(), await cookie()]
    expect(first).toMatch(/HttpOnly/)
    expect(first).toMatch(/SameSite=Strict/)
    expect(first).not.toMatch(/Secure/)
    expect(first.split(';')[0]).not.toBe(second.split(';')[0])
    const [{ count } = { count: '' }] = await server.database.query<{ count: string }[]>(
      `SELECT count(*) FROM session WHERE sess::text ILIKE '%password%'`,
    )
    expect(count).toBe('0')
  })

  test('a session that is a day old gets another number', async () => {
    const one = request.agent(server.app)
    await one.post('/api/session').send({ name: 'owner', password: PASSWORD }).expect(200)
    await server.database.query(
      `UPDATE session SET sess = jsonb_set(sess::jsonb, '{renewedAt}', '1')::json`,
    )
    const before = await server.database.query<{ sid: string }[]>('SELECT sid FROM session')
    const { headers: answered } = await one.get('/api/designs').expect(200)
    const sid = /flint-session=s%3A([^.]+)\./.exec(
      String((answered['set-cookie'] as unknown as string[])[0]),
    )?.[1]
    expect(before.map((row) => row.sid)).not.toContain(sid)
    await one.get('/api/designs').expect(200)
  })

  test('passwords are kept as Argon2id with the memory that OWASP names', async () => {
    const [row] = await server.database.query<{ password_hash: string }[]>(
      'SELECT password_hash FROM account LIMIT 1',
    )
    // OWASP Password Storage Cheat Sheet: m = 19456 (19 MiB), t = 2, p = 1.
    expect(row?.password_hash).toMatch(/^\$argon2id\$v=19\$m=19456,(t=2,p=1|p=1,t=2)\$/)
  })

  test('after ten wrong passwords even the right one has to wait', async () => {
    await agent('keeper')
      .post('/api/accounts')
      .send({ name: 'Guessed', password: PASSWORD })
      .expect(201)
    const enter = (password: string) =>
      request(server.app).post('/api/session').send({ name: 'guessed', password })
    const answers = await Promise.all(Array.from({ length: 12 }, () => enter('wrong password')))
    const count = (status: number) => answers.filter((one) => one.status === status).length
    expect([count(403), count(429)]).toEqual([10, 2])
    const { body } = await enter(PASSWORD).expect(429)
    expect((body as { detail: string }).detail).toMatch(/Try again in 15 minutes/)
  })

  test('a changed password ends every other session', async () => {
    await agent('keeper')
      .post('/api/accounts')
      .send({ name: 'Careful', password: PASSWORD })
      .expect(201)
    const [here, elsewhere] = [request.agent(server.app), request.agent(server.app)]
    for (const one of [here, elsewhere]) {
      await one.post('/api/session').send({ name: 'careful', password: PASSWORD }).expect(200)
    }
    const change = (passwordBefore: string, password: string) =>
      here.put('/api/account/password').send({ passwordBefore, password })
    await change('not it at all', 'another long one').expect(403)
    await change(PASSWORD, 'short').expect(400)
    await change(PASSWORD, 'another long one').expect(204)
    await here.get('/api/designs').expect(200)
    await elsewhere.get('/api/designs').expect(401)
    await here.delete('/api/session').send({}).expect(204)
    await here.get('/api/designs').expect(401)
  })

  test('somebody keeps the house always', async () => {
    const id = accountId('keeper')
    await agent('keeper').put(`/api/accounts/${id}`).send({ isDisabled: true }).expect(409)
    await agent('keeper').put(`/api/accounts/${id}`).send({ isKeeper: false }).expect(409)
    await agent('keeper')
      .post('/api/accounts')
      .send({ name: ' KEEPER ', password: PASSWORD })
      .expect(409)
  })
})

describe('links and tokens', () => {
  test('are kept as digests, and end when they are taken back or have expired', async () => {
    const { id, link } = await sharedDesign()
    const byLink = () => request(server.app).get(`/api/designs/${id}`).set('x-flint-link', link)
    await byLink().expect(200)
    const [{ kept } = { kept: '' }] = await server.database.query<{ kept: string }[]>(
      'SELECT digest AS kept FROM design_link WHERE design_id = $1',
      [id],
    )
    expect(kept).toMatch(/^[0-9a-f]{64}$/)
    expect(link).not.toContain(kept)
    const { body } = await agent('owner').get(`/api/designs/${id}/sharing`).expect(200)
    const { links } = body as Sharing
    expect(links).toHaveLength(1)
    const { body: session } = await request(server.app)
      .get('/api/session')
      .set('x-flint-link', link)
    expect(session).toEqual({ kind: 'link', designId: id })
    await server.database.query(
      `UPDATE design_link SET expires_at = now() - interval '1 second' WHERE design_id = $1`,
      [id],
    )
    await byLink().expect(401)
    await agent('owner')
      .delete(`/api/designs/${id}/links/${links[0]?.id ?? ''}`)
      .send({})
      .expect(204)
    await agent('owner').post(`/api/designs/${id}/links`).send({ days: 366 }).expect(400)
  })

  test('a token says when it was used, and is gone when it is removed', async () => {
    const { body } = await agent('stranger')
      .post('/api/account/tokens')
      .send({ name: 'Script', scope: 'look' })
      .expect(201)
    const { id, secret } = body as MadeSecret
    const byToken = () =>
      request(server.app).get('/api/designs').set('authorization', `Bearer ${secret}`)
    await byToken().expect(200)
    const { body: tokens } = await agent('stranger').get('/api/account/tokens').expect(200)
    expect((tokens as ApiToken[])[0]?.lastUsedAt).not.toBeNull()
    await agent('owner').delete(`/api/account/tokens/${id}`).send({}).expect(404)
    await agent('stranger').delete(`/api/account/tokens/${id}`).send({}).expect(204)
    await byToken().expect(401)
  })
})

describe('the list of changes', () => {
  test('has every change with who made it; the same one again soon after is counted', async () => {
    const { id } = await sharedDesign()
    for (const [revision, name] of [
      [1, 'Once'],
      [2, 'Twice'],
    ] as const) {
      const document = renameDesign(newDesign('x'), name)
      await agent('changer')
        .put(`/api/designs/${id}`)
        .send({ basedOnRevision: revision, document })
        .expect(200)
    }
    // What failed is no change.
    await agent('changer').put(`/api/designs/${id}`).send({ basedOnRevision: 1 }).expect(400)
    const { body } = await agent('looker').get(`/api/designs/${id}/changes`).expect(200)
    expect(body).toMatchObject([
      { actor: 'changer', did: 'saved', times: 2, designId: id, designName: 'Twice' },
      { actor: 'owner', did: 'made a link', times: 1 },
      { actor: 'owner', did: 'shared', times: 2 },
    ])
    const { body: all } = await agent('keeper').get('/api/changes').expect(200)
    expect(all).toContainEqual(
      expect.objectContaining({ actor: 'Keeper', did: 'made an account', about: 'Careful' }),
    )
    const last = (all as ChangeEntry[]).at(-1)
    const { body: older } = await agent('keeper')
      .get('/api/changes')
      .query({ before: last?.id })
      .expect(200)
    expect((older as ChangeEntry[]).every((entry) => Number(entry.id) < Number(last?.id))).toBe(
      true,
    )
  })

  test('every route that changes something says what it does', () => {
    const silent = server.routes.filter(
      ({ method, does, path }) => method !== 'get' && does === null && path !== '/session',
    )
    expect(silent.map(({ path }) => path)).toEqual(['/accounts/first'])
  })
})

test('a proxy that is trusted says that people come by HTTPS; nobody else is believed', async () => {
  const cookieBy = async (proxy: string | null): Promise<string> => {
    const behind = await startTestServer({ needsAccounts: true, proxy })
    const { headers: answered } = await request(behind.app)
      .post('/api/accounts/first')
      .set('x-forwarded-proto', 'https')
      .send({ code: FIRST_CODE, name: 'One', password: PASSWORD })
      .expect(201)
    await behind.stop()
    return String((answered['set-cookie'] as unknown as string[])[0])
  }
  expect(await cookieBy('loopback')).toMatch(/; Secure/)
  expect(await cookieBy('192.0.2.1')).not.toMatch(/; Secure/)
  expect(await cookieBy(null)).not.toMatch(/; Secure/)
})

test('on this machine alone nobody signs in', async () => {
  const open = await startTestServer()
  await request(open.app).get('/api/session').expect(200, { kind: 'house' })
  await request(open.app).get('/api/designs').expect(200)
  await request(open.app).post('/api/session').send({ name: 'x', password: PASSWORD }).expect(409)
  await request(open.app).get('/api/account/tokens').expect(403)
  await request(open.app).get('/api/accounts').expect(200, [])
  await request(open.app)
    .post('/api/accounts')
    .send({ name: 'Later', password: PASSWORD })
    .expect(201)
  await open.stop()
})
