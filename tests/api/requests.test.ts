// What comes in is measured before it is read, waits for its turn, and is turned away with a sentence.
import { Writable } from 'node:stream'
import type { ProblemDocument, StoredDesign, StoredPart, PartPage } from '@flint/contract'
import { newDesign, renameDesign } from '@flint/core/editing'
import express from 'express'
import { pino } from 'pino'
import request from 'supertest'
import { makeApp } from '../../apps/server/src/app'
import { inTurn } from '../../apps/server/src/http/inTurn'
import { onlyOwnHosts } from '../../apps/server/src/http/onlyOwnHosts'
import { problemHandler } from '../../apps/server/src/http/problemHandler'
import { printerHere, summariserHere } from '../support/sameThread'
import { startTestServer, TEST_SETTINGS, type TestServer } from '../support/testServer'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.stop())

const api = () => request(server.app)
const problem = async (body: unknown, path = '/api/designs'): Promise<ProblemDocument> => {
  const sent = await (path === '/api/designs' ? api().post(path) : api().put(path))
    .set('Content-Type', 'application/json')
    .send(typeof body === 'string' ? body : JSON.stringify(body))
  expect(sent.status).toBe(400)
  return sent.body as ProblemDocument
}
const sheet = { kind: 'memory', maker: 'Nobody', model: 'Row 16', price: null }

describe('what is too much is measured before it is read', () => {
  test('150,000 fields that nobody knows: twenty are named, the others counted', async () => {
    const fields = Object.fromEntries(Array.from({ length: 150_000 }, (_, at) => [`f${at}`, 1]))
    // Written before the clock starts, which holds the server to its time.
    const text = JSON.stringify({ ...fields, document: newDesign('Much') })
    const start = Date.now()
    const { body } = await api()
      .post('/api/designs')
      .set('content-type', 'application/json')
      .send(text)
      .expect(400)
    expect(Date.now() - start).toBeLessThan(2_000)
    const { detail, errors } = body as ProblemDocument
    expect(detail).toBe('f0 is not a known field. And 149980 more.')
    expect(errors).toHaveLength(20)
  })

  test('more sources of values than a data sheet has fields', async () => {
    const sources = Object.fromEntries(
      Array.from({ length: 40_000 }, (_, at) => [`f${at}`, 'assumed']),
    )
    const { errors = [] } = await problem({ sheet: { ...sheet, sources } }, '/api/parts/row-16')
    expect(errors).toContainEqual({
      field: 'sheet.sources',
      sentence: 'sheet.sources has too many entries; 200 is the most.',
    })
  })

  test('values in values, 4,000 deep', async () => {
    const { detail } = await problem(`{"document":${'['.repeat(4_000)}${']'.repeat(4_000)}}`)
    expect(detail).toBe('The body nests deeper than 32, the most taken.')
  })

  test('more values than a design with all its parts', async () => {
    const { detail } = await problem({ document: Array<number>(300_001).fill(1) })
    expect(detail).toBe('The body has more than 300,000 values, the most taken.')
  })
})

describe('texts that no database takes are named by their field', () => {
  test.each([
    ['a NUL', { ...newDesign('a\0b') }, 'document.name'],
    ['half a character', { ...newDesign('x'), notes: 'a\ud83d' }, 'document.notes'],
    ['half a character in a list', { fitted: [{ label: '\udc96' }] }, 'document.fitted[0].label'],
  ])('%s', async (_what, document, field) => {
    const { errors } = await problem({ document })
    expect(errors).toEqual([
      {
        field,
        sentence: `${field} has a character that cannot be stored: a NUL or half of one.`,
      },
    ])
  })

  test('a whole character of two halves is taken', async () => {
    const document = newDesign('Shelf 💾')
    await api().post('/api/designs').send({ document }).expect(201)
  })
})

test('minus zero, which the database does not know, is zero: saved again it is no conflict', async () => {
  const document = { ...newDesign('Zero'), houseRules: newDesign('Zero').houseRules }
  const text = JSON.stringify({ document }).replace('"snapshotReserve":0', '"snapshotReserve":-0')
  const send = (path: string, method: 'post' | 'put', body: string) =>
    api()[method](path).set('content-type', 'application/json').send(body)
  const { body } = await send('/api/designs', 'post', text).expect(201)
  const { id } = body as StoredDesign
  const again = text.replace('{"document"', '{"basedOnRevision":1,"document"')
  expect(text).toContain('-0')
  await send(`/api/designs/${id}`, 'put', again).expect(200)
  const { body: second } = await send(`/api/designs/${id}`, 'put', again).expect(200)
  expect((second as StoredDesign).revision).toBe(1)
})

describe('many at once', () => {
  test('a new part kept by eight at once has eight versions', async () => {
    const { body: list } = await api().get('/api/parts').expect(200)
    const known = (list as PartPage).parts.find(({ sheet: { kind } }) => kind === 'memory')?.sheet
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, idleWatts) =>
        api()
          .put('/api/parts/by-eight')
          .send({ sheet: { ...known, idleWatts } })
          .expect(200),
      ),
    )
    const versions = answers.map(({ body }) => (body as StoredPart).version)
    expect(versions.sort()).toEqual([1, 2, 3, 4, 5, 6, 7, 8])
  })

  test('of 300 saves of one design none fails, and the last hundred that came too late are kept', async () => {
    const { body } = await api()
      .post('/api/designs')
      .send({ document: newDesign('Fought over') })
    const { id, document } = body as StoredDesign
    const saves = await Promise.all(
      Array.from({ length: 300 }, (_, at) =>
        api()
          .put(`/api/designs/${id}`)
          .send({ basedOnRevision: 1, document: renameDesign(document, `Name ${at}`) }),
      ),
    )
    const count = (status: number): number => saves.filter((one) => one.status === status).length
    expect([count(200), count(409)]).toEqual([1, 299])
    const [{ count: aside } = { count: '' }] = await server.database.query<{ count: string }[]>(
      'SELECT count(*) FROM design_set_aside WHERE design_id = $1',
      [id],
    )
    expect(aside).toBe('100')
  })

  test('one name twice in one take-in is told, with both places', async () => {
    const { body: list } = await api().get('/api/parts').expect(200)
    const [known] = (list as PartPage).parts
    const part = { slug: 'same', version: 1, sheet: known?.sheet }
    const { body, status } = await api()
      .post('/api/parts/take-in')
      .send({ parts: [part, { ...part, slug: 'other' }, part] })
    expect(status).toBe(400)
    expect((body as ProblemDocument).errors).toEqual([
      { field: 'parts[2].slug', sentence: 'parts[2].slug is same, as parts[0].slug is.' },
    ])
  })
})

describe('turns', () => {
  /** One request is worked on until `finish`; two may wait. */
  function slowServer(settings: Partial<Parameters<typeof inTurn>[0]> = {}) {
    const open: (() => void)[] = []
    const app = express()
    app.use(
      inTurn({
        atOnce: 1,
        mostWaiting: 2,
        mostWaitingOfOne: 2,
        longestWaitMs: 60_000,
        longestWorkMs: 60_000,
        ...settings,
      }),
    )
    app.get('/', (_request, response) => {
      open.push(() => response.send('done'))
    })
    app.use(problemHandler)
    const asked: Promise<number>[] = []
    const ask = (): void => {
      asked.push(
        request(app)
          .get('/')
          .then(({ status, headers }) => (headers['retry-after'] ? -status : status)),
      )
    }
    return { ask, asked, open }
  }
  const until = async (holds: () => boolean): Promise<void> => {
    while (!holds()) await new Promise((resolve) => setTimeout(resolve, 5))
  }

  test('who comes when too many wait is told when to come again; who waits is served', async () => {
    const { ask, asked, open } = slowServer()
    ask()
    await until(() => open.length === 1)
    for (let at = 0; at < 3; at += 1) ask()
    // The first to be answered is the one for whom there was no room.
    expect(await Promise.race(asked)).toBe(-503)
    for (let at = 0; at < 3; at += 1) {
      await until(() => open.length > at)
      open[at]?.()
    }
    expect((await Promise.all(asked)).sort()).toEqual([-503, 200, 200, 200])
  })

  test('who waits too long is told', async () => {
    const { ask, asked, open } = slowServer({ longestWaitMs: 30 })
    ask()
    await until(() => open.length === 1)
    ask()
    expect(await asked[1]).toBe(-503)
    open[0]?.()
    expect(await asked[0]).toBe(200)
  })

  test('what takes too long is given up, and the next one has its turn', async () => {
    const { ask, asked, open } = slowServer({ longestWorkMs: 30 })
    ask()
    expect(await asked[0]).toBe(-503)
    ask()
    await until(() => open.length === 2)
    open[1]?.()
    expect(await asked[1]).toBe(200)
  })
})

test.each([
  ['localhost:4810', 200],
  ['127.0.0.1:4810', 200],
  ['192.168.1.20', 200],
  ['[fd00::20]:4810', 200],
  ['Store.Home:4810', 200],
  ['elsewhere.example', 421],
  ['1.2.3.4.example', 421],
  ['', 421],
])('asked as %j: %i, whatever it listens on', async (host, status) => {
  const app = express()
  app.use(onlyOwnHosts(['0.0.0.0', 'store.home']))
  app.get('/', (_request, response) => response.send('here'))
  app.use(problemHandler)
  await request(app).get('/').set('Host', host).expect(status)
})

test('what cannot be stored is not in the log', async () => {
  const lines: string[] = []
  const into = new Writable({
    write: (chunk: Buffer, _encoding, done) => {
      lines.push(chunk.toString())
      done()
    },
  })
  const own = await startTestServer()
  const { express: app } = makeApp(
    own.database,
    TEST_SETTINGS,
    pino({ level: 'info' }, into),
    summariserHere,
    printerHere,
  )
  await own.database.query('ALTER TABLE design_revision RENAME TO away')
  const document = { ...newDesign('Mine'), notes: 'what nobody else should read' }
  const { status, body } = await request(app).post('/api/designs').send({ document })
  await own.stop()
  expect(status).toBe(500)
  expect((body as ProblemDocument).detail).toMatch(/stored before is untouched/)
  const log = lines.join('')
  expect(log).toContain('request failed')
  expect(log).not.toContain('nobody else')
  expect(log).not.toContain('Mine')
})
