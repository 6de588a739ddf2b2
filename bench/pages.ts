// How quickly the built server answers what pages ask for, at 50 requests a second, with 200 and with 2,000 designs.
import { once } from 'node:events'
import { readFile } from 'node:fs/promises'
import autocannon from 'autocannon'
import { Client } from 'pg'
import { House } from '../e2e/support/house'
import { testDatabaseSettings } from '../tests/support/testDatabase'

const REQUESTS_PER_SECOND = 50
const SECONDS = 20
/** What a server does first is slower than what it does all day, and is not measured. */
const WARM_UP_SECONDS = 5
/** Designs that are made at once. */
const AT_ONCE = 16

const document = JSON.parse(await readFile('demo/designs/cabin-archive.json', 'utf8')) as object
const house = await House.open()
let made = 0
const ids: string[] = []

async function makeUntil(count: number): Promise<void> {
  while (made < count) {
    await Promise.all(
      Array.from({ length: Math.min(AT_ONCE, count - made) }, async () => {
        made += 1
        const response = await fetch(`${house.url}/api/designs`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ document: { ...document, name: `Bench ${made}` } }),
        })
        ids.push(((await response.json()) as { id: string }).id)
      }),
    )
  }
}

/** Of the design that is saved: documents sent, and those that became its newest revision. */
let [sent, stored] = [0, 1]

/** What a page does: the shelf, a search, a design opened, a save, the first page of parts. */
function mix(): autocannon.Request[] {
  const [id = ''] = ids
  const headers = { 'content-type': 'application/json', 'accept-encoding': 'gzip' }
  return [
    { path: '/api/designs?order=made&page=1', headers },
    { path: '/api/designs?order=changed&page=2&find=bench', headers },
    { path: `/api/designs/${id}`, headers },
    { path: `/api/designs/${id}/revisions`, headers },
    { path: '/api/session', headers },
    { path: '/api/removed-designs', headers },
    {
      path: `/api/designs/${ids[1] ?? ''}`,
      method: 'PUT',
      headers: { ...headers, prefer: 'return=minimal' },
      // Each save is another document, made from the newest one: it is stored, or set aside when it was overtaken.
      setupRequest: (request) => {
        sent += 1
        const body = { basedOnRevision: stored, document: { ...document, name: `Saved ${sent}` } }
        stored += 1
        return { ...request, body: JSON.stringify(body) }
      },
      onResponse: (status) => {
        if (status === 409) stored -= 1
      },
    },
    { path: '/api/parts', headers },
  ]
}

/** What PostgreSQL does by itself a minute after so many designs have come: it counts them. */
async function countRows(): Promise<void> {
  const { host, port, user, password } = testDatabaseSettings()
  const client = new Client({ host, port, user, password, database: house.database })
  await client.connect()
  await client.query('ANALYZE')
  await client.end()
}

/** The slowest answer of the health route while something else goes on. */
async function slowestHealthDuring(work: Promise<unknown>): Promise<number> {
  const over = new AbortController()
  void work.finally(() => {
    over.abort()
  })
  let slowest = 0
  while (!over.signal.aborted) {
    const before = performance.now()
    await fetch(`${house.url}/api/health`)
    slowest = Math.max(slowest, performance.now() - before)
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  return slowest
}

/**
 * The times of all answers, milliseconds, in order. The load generator sends what is due in a second at its
 * beginning; so many of it, each with one request a second and begun one after the other, send evenly.
 */
async function load(seconds: number): Promise<number[]> {
  const times: number[] = []
  const requests = mix()
  const runs = Array.from({ length: REQUESTS_PER_SECOND }, async (_, index) => {
    await new Promise((resolve) => setTimeout(resolve, (index * 1_000) / REQUESTS_PER_SECOND))
    const settings: autocannon.Options = {
      url: house.url,
      connections: 1,
      connectionRate: 1,
      duration: seconds,
      requests: [
        ...requests.slice(index % requests.length),
        ...requests.slice(0, index % requests.length),
      ],
    }
    const run = autocannon(settings, () => undefined)
    run.on('response', (_client, status, _bytes, milliseconds) => {
      if (status >= 500) throw new Error(`The server answered ${status}.`)
      times.push(milliseconds)
    })
    run.on('reqError', () => {
      throw new Error('A request had no answer.')
    })
    await once(run, 'done')
  })
  await Promise.all(runs)
  return times.sort((one, other) => one - other)
}

for (const count of [200, 2_000]) {
  await makeUntil(count)
  await countRows()
  await load(WARM_UP_SECONDS)
  const run = load(SECONDS)
  const slowest = await slowestHealthDuring(run)
  const times = await run
  const at = (share: number): string => (times[Math.floor(times.length * share)] ?? 0).toFixed(1)
  process.stdout.write(
    `${count} designs, ${times.length} answers at ${REQUESTS_PER_SECOND} a second: median ${at(0.5)} ms, ` +
      `p99 ${at(0.99)} ms; health within ${slowest.toFixed(0)} ms\n`,
  )
}
await house.kill()
