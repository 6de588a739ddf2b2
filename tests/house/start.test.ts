import { execFileSync } from 'node:child_process'
import { appendFileSync, chmodSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { get } from 'node:http'
import { request as secureRequest } from 'node:https'
import { createServer, type Server } from 'node:net'
import { once } from 'node:events'
import { join } from 'node:path'
import type { Session, ShelfPage, StoredDesign } from '@flint/contract'
import { renameDesign } from '@flint/core/editing'
import { Clone, freePorts, type Outcome } from '../support/clone'

async function occupy(port: string): Promise<Server> {
  const server = createServer().listen(Number(port), '127.0.0.1')
  await once(server, 'listening')
  return server
}

function expectOneSentence({ status, err }: Outcome, words: string): void {
  expect(status).not.toBe(0)
  expect(err.trim().split('\n')).toHaveLength(1)
  expect(err).toMatch(/^flint-shelf: .*\.\n$/)
  expect(err).toContain(words)
}

describe('what stands in the way is said in one sentence', () => {
  let clone: Clone
  beforeAll(() => {
    clone = new Clone()
  })
  afterAll(() => clone.remove())

  test('a Node that is too old', async () => {
    const outcome = await clone.run({}, { node: 'echo 18.20.1' })
    expectOneSentence(outcome, 'Node.js 18.20.1 does not suffice')
  })

  test('the port of the application is taken', async () => {
    const [port] = await freePorts()
    const server = await occupy(port)
    expectOneSentence(await clone.run({ FLINT_PORT: port }), `Port ${port} is taken`)
    server.close()
  })

  test('the port of the database is taken', async () => {
    const [port, databasePort] = await freePorts()
    const server = await occupy(databasePort)
    const outcome = await clone.run({ FLINT_PORT: port, FLINT_DB_PORT: databasePort })
    expectOneSentence(outcome, `Port ${databasePort}, meant for the database, is taken`)
    server.close()
  })

  test('an address that is none of this machine', async () => {
    const outcome = await clone.run({ FLINT_HOST: '192.0.2.1' })
    expectOneSentence(outcome, '192.0.2.1 is no address of this machine')
  })

  test.each(['abc', '0', '70000', '4810x'])('a port that is none: %s', async (port) => {
    expectOneSentence(await clone.run({ FLINT_PORT: port }), `from 1 to 65535, not ${port}`)
    expectOneSentence(await clone.run({ FLINT_DB_PORT: port }), `from 1 to 65535, not ${port}`)
  })

  test('no right to install PostgreSQL', async () => {
    const [port] = await freePorts()
    const outcome = await clone.run(
      { FLINT_PORT: port, FLINT_PG_SEARCH: '/nowhere' },
      { id: 'echo 1000', sudo: 'exit 1' },
    )
    expectOneSentence(outcome, 'this user has no right to install it')
  })

  test('no network for Debian’s packages', async () => {
    const [port] = await freePorts()
    const outcome = await clone.run(
      { FLINT_PORT: port, FLINT_PG_SEARCH: '/nowhere' },
      {
        id: 'echo 1000',
        sudo: '[ "$1" = -n ] && exit 0; shift; "$@"',
        env: 'exit 100',
        rm: ':',
        sh: ':',
      },
    )
    expectOneSentence(outcome, 'is the network there?')
  })

  test('no network for the npm packages', async () => {
    const [port] = await freePorts()
    appendFileSync(join(clone.folder, 'package-lock.json'), '\n')
    const outcome = await clone.run({ FLINT_PORT: port }, { npm: 'exit 1' })
    expectOneSentence(outcome, 'The npm packages could not be fetched')
  })
})

describe('a clone below a folder that others cannot enter', () => {
  let clone: Clone
  let environment: Record<string, string>
  let url: string
  beforeAll(async () => {
    clone = new Clone()
    const [port, databasePort] = await freePorts()
    // One address that is not the usual one, as that of a network.
    environment = { FLINT_PORT: port, FLINT_DB_PORT: databasePort, FLINT_HOST: '127.0.0.2' }
    url = `http://127.0.0.2:${port}/api`
  })
  afterAll(() => clone.remove())

  const firstDesign = async (): Promise<StoredDesign> => {
    const { rows } = (await (await fetch(`${url}/designs`)).json()) as ShelfPage
    const [row] = rows
    if (!row) throw new Error('the shelf is empty')
    return (await (await fetch(`${url}/designs/${row.id}`)).json()) as StoredDesign
  }
  const rename = async (name: string): Promise<number> => {
    const { id, revision, document } = await firstDesign()
    const { status } = await fetch(`${url}/designs/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ basedOnRevision: revision, document: renameDesign(document, name) }),
    })
    return status
  }

  test('starts with the demo', async () => {
    await clone.start(environment)
    expect((await firstDesign()).document.name).toBe('Cabin archive')
  })

  test('says so when it already runs, and leaves the running one alone', async () => {
    expectOneSentence(await clone.run(environment), 'Flint Shelf already runs at')
    expect((await firstDesign()).revision).toBe(1)
  })

  test('a second start on other ports is told where the first one is', async () => {
    const [port, databasePort] = await freePorts()
    const outcome = await clone.run({ FLINT_PORT: port, FLINT_DB_PORT: databasePort })
    expectOneSentence(outcome, `already runs from this folder at ${url.replace('/api', '')}`)
    expect((await firstDesign()).revision).toBe(1)
  })

  test('a page under a foreign name that leads here reads nothing', async () => {
    const port = Number(new URL(url).port)
    const status = await new Promise((resolve, reject) => {
      const headers = { host: 'elsewhere.example' }
      get({ host: '127.0.0.2', port, path: '/api/designs', headers }, (response) => {
        response.resume()
        resolve(response.statusCode)
      }).once('error', reject)
    })
    expect(status).toBe(421)
  })

  test('started by root, the web server runs as an ordinary user that can read and nothing else', () => {
    const status = readFileSync(`/proc/${clone.webServer()}/status`, 'utf8')
    const [, uid] = /^Uid:\s+(\d+)/m.exec(status) ?? []
    expect(Number(uid)).not.toBe(0)
    if (process.getuid?.() !== 0) return
    // Bit 2 of the capabilities, CAP_DAC_READ_SEARCH in linux/capability.h: its folder is in nobody's reach.
    expect(/^CapEff:\s+0*4$/m.test(status)).toBe(true)
    expect(/^CapBnd:\s+0*4$/m.test(status)).toBe(true)
  })

  test('the log is private', () => {
    const { mode } = statSync(join(clone.folder, '.flint', 'server.log'))
    expect((mode & 0o777).toString(8)).toBe('600')
  })

  test('when the database dies it is said, and the server goes on when it is back', async () => {
    await clone.killDatabase()
    const { status, headers } = await fetch(`${url}/designs`)
    // Sooner or later than the new start of the database: either way no failure.
    expect(status === 200 || (status === 503 && headers.has('retry-after'))).toBe(true)
    await clone.says('The database has ended.')
    const end = Date.now() + 20_000
    while (!(await fetch(`${url}/designs`)).ok && Date.now() < end) {
      await new Promise((resolve) => setTimeout(resolve, 200))
    }
    expect((await firstDesign()).document.name).toBe('Cabin archive')
  })

  test('after a power cut no saved revision is lost', async () => {
    expect(await rename('Saved just before')).toBe(200)
    await clone.cutPower()
    await clone.start(environment)
    expect(await firstDesign()).toMatchObject({
      revision: 2,
      document: { name: 'Saved just before' },
    })
  })

  test('a stale process number that now belongs to somebody else does not keep it from starting', async () => {
    expect(await rename('Saved before the second cut')).toBe(200)
    await clone.cutPower()
    const pidFile = join(clone.clusterHome(), 'data', 'postmaster.pid')
    writeFileSync(pidFile, `${process.pid}\n/elsewhere\n0\n1\n\n\n\n`)
    await clone.start(environment)
    expect((await firstDesign()).revision).toBe(3)
  })

  test('stopped in order and started again, the data is there', async () => {
    await clone.stop()
    await clone.start(environment)
    expect((await firstDesign()).document.name).toBe('Saved before the second cut')
  })
})

describe('a clone whose path has quotes, a dollar and spaces, open to other machines by HTTPS', () => {
  let clone: Clone
  let url: string
  beforeAll(async () => {
    clone = new Clone('the "shelf" of $HOME, `it`\'s here')
    const [port, databasePort] = await freePorts()
    const certificate = join(clone.folder, 'own certificate.pem')
    const key = join(clone.folder, 'own key.pem')
    execFileSync(
      'openssl',
      [
        ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2'],
        ...['-subj', '/CN=localhost', '-keyout', key, '-out', certificate],
      ],
      { stdio: 'ignore' },
    )
    chmodSync(key, 0o600)
    await clone.start({
      FLINT_PORT: port,
      FLINT_DB_PORT: databasePort,
      FLINT_HOST: '0.0.0.0',
      FLINT_CERTIFICATE: certificate,
      FLINT_KEY: key,
    })
    url = `https://127.0.0.1:${port}/api`
  })
  afterAll(() => clone.remove())

  const ask = (
    path: string,
    body?: object,
  ): Promise<{ status: number; cookie: string; answer: unknown }> =>
    new Promise((resolve, reject) => {
      const headers = { 'content-type': 'application/json' }
      const method = body ? 'POST' : 'GET'
      const sent = secureRequest(
        `${url}${path}`,
        { rejectUnauthorized: false, method, headers },
        (response) => {
          let text = ''
          response.on('data', (chunk: Buffer) => (text += chunk.toString()))
          response.on('end', () => {
            resolve({
              status: response.statusCode ?? 0,
              cookie: response.headers['set-cookie']?.[0] ?? '',
              answer: JSON.parse(text),
            })
          })
        },
      )
      sent.once('error', reject)
      sent.end(body ? JSON.stringify(body) : undefined)
    })

  test('nobody gets in without an account, and the code on the terminal makes the first one', async () => {
    expect((await ask('/designs')).status).toBe(401)
    expect((await ask('/session')).answer).toEqual({ kind: 'no account yet' } satisfies Session)
    await clone.says('Make the first account at')
    const [, code] = /with the code ([A-Z2-9]{4}-[A-Z2-9]{4})\./.exec(clone.terminal) ?? []
    const account = { name: 'Keeper', password: 'a long enough one' }
    const wrong = await ask('/accounts/first', { ...account, code: 'AAAA-AAAA' })
    expect(wrong.status).toBe(403)
    const right = await ask('/accounts/first', { ...account, code })
    expect(right.status).toBe(201)
    // By HTTPS the cookie goes over HTTPS alone.
    expect(right.cookie).toMatch(/; Secure/)
    expect((await ask('/session')).answer).toEqual({ kind: 'signed out' } satisfies Session)
  })

  test('a key that cannot be read, or is none, is told', async () => {
    const outcome = await clone.run({
      FLINT_CERTIFICATE: '/nowhere.pem',
      FLINT_KEY: '/nowhere.pem',
    })
    expectOneSentence(outcome, '/nowhere.pem cannot be read as PEM')
    expectOneSentence(await clone.run({ FLINT_KEY: '/nowhere.pem' }), 'go together')
  })
})
