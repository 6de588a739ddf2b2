import { execFile } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { createServer, get, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { join } from 'node:path'
import { promisify } from 'node:util'
import type { Everything, LiveReading, ReadingPage, StoredDesign } from '@flint/contract'
import { newDesign } from '@flint/core/editing'
import request from 'supertest'
import { ReadingStore } from '../../apps/server/src/readings/readingStore'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
let listening: Server
beforeAll(async () => {
  server = await startTestServer()
  listening = createServer(server.app)
  await new Promise<void>((done) => listening.listen(0, '127.0.0.1', done))
})
afterAll(async () => {
  listening.closeAllConnections()
  await new Promise((done) => listening.close(done))
  await server.stop()
})

const api = () => request(server.app)
const designId = async (): Promise<string> => {
  const { body } = await api()
    .post('/api/designs')
    .send({ document: newDesign('Bench') })
    .expect(201)
  return (body as StoredDesign).id
}
const post = (id: string, body: object) => api().post(`/api/designs/${id}/readings`).send(body)
const list = async (id: string, before?: string): Promise<ReadingPage> => {
  const query = before === undefined ? '' : `?before=${before}`
  return (await api().get(`/api/designs/${id}/readings${query}`).expect(200)).body as ReadingPage
}

/** The events of a meter as they come in, until there are so many. */
function eventsOf(path: string, count: number): Promise<{ events: LiveReading[]; type: string }> {
  const { port } = listening.address() as AddressInfo
  return new Promise((done, failed) => {
    const asked = get(
      { host: '127.0.0.1', port, path, headers: { accept: 'text/event-stream' } },
      (response) => {
        let text = ''
        response.setEncoding('utf8')
        response.on('data', (some: string) => {
          text += some
          const events = [...text.matchAll(/event: reading\ndata: (.+)\n\n/g)].map(
            ([, data = '']) => JSON.parse(data) as LiveReading,
          )
          if (events.length < count) return
          asked.destroy()
          done({ events, type: response.headers['content-type'] ?? '' })
        })
      },
    )
    asked.on('error', (error: Error & { code?: string }) => {
      if (error.code !== 'ECONNRESET') failed(error)
    })
  })
}

describe('readings', () => {
  test('a meter need send nothing but its watts', async () => {
    const id = await designId()
    const before = Date.now()
    await post(id, { watts: 42.5 }).expect(201)
    const { readings, total } = await list(id)
    expect(total).toBe(1)
    expect(readings[0]).toMatchObject({ watts: 42.5, state: null, source: 'meter', note: '' })
    expect(Date.parse(readings[0]?.takenAt ?? '')).toBeGreaterThanOrEqual(before)
  })

  test('one from the bench keeps its whole condition', async () => {
    const id = await designId()
    const reading = {
      watts: 23,
      takenAt: '2026-11-20T18:30:00.000Z',
      state: 'asleep',
      lidClosed: true,
      peripheralsOut: false,
      minutesWaited: 40,
      meter: 'socket meter',
      note: 'after the new supply',
      source: 'pull test',
      pulledPieceId: 'drive-1',
      wattsBefore: 27.5,
    }
    await post(id, { readings: [reading] }).expect(201)
    expect((await list(id)).readings).toMatchObject([reading])
  })

  test('those of a page, the last ones first, and older ones after them', async () => {
    const id = await designId()
    const readings = Array.from({ length: 250 }, (_, watts) => ({ watts }))
    await post(id, { readings }).expect(201)
    const first = await list(id)
    expect(first.total).toBe(250)
    expect(first.readings.map(({ watts }) => watts)).toEqual(
      Array.from({ length: 100 }, (_, at) => 249 - at),
    )
    const second = await list(id, first.readings.at(-1)?.number)
    expect(second.readings[0]?.watts).toBe(149)
    expect((await list(id, second.readings.at(-1)?.number)).readings).toHaveLength(50)
  })

  test('what is wrong is named with its place, and nothing is kept', async () => {
    const id = await designId()
    const wrong = await post(id, { readings: [{ watts: 1 }, { watts: -1, colour: 'red' }] }).expect(
      400,
    )
    expect(wrong.body).toMatchObject({
      errors: [{ field: 'readings.1.colour', sentence: 'colour is not a known field.' }],
    })
    const state = await post(id, { watts: 5, state: 'dancing' }).expect(400)
    expect((state.body as { detail: string }).detail).toContain(
      'state must be one of off, firmware',
    )
    await post(id, { watts: 'many' }).expect(400)
    await post(id, { watts: 5, takenAt: 'yesterday' }).expect(400)
    await post(id, { readings: [] }).expect(400)
    await post(id, { readings: Array.from({ length: 1_001 }, () => ({ watts: 1 })) }).expect(400)
    expect((await list(id)).total).toBe(0)
    await post('00000000-0000-4000-8000-000000000000', { watts: 5 }).expect(404)
  })

  test('one is removed by its number, and only from its own design', async () => {
    const [id, other] = [await designId(), await designId()]
    await post(id, { watts: 5 }).expect(201)
    const number = (await list(id)).readings[0]?.number ?? ''
    await api().delete(`/api/designs/${other}/readings/${number}`).send({}).expect(404)
    await api().delete(`/api/designs/${id}/readings/x`).send({}).expect(404)
    await api().delete(`/api/designs/${id}/readings/${number}`).send({}).expect(204)
    expect((await list(id)).total).toBe(0)
  })

  test('they go out as CSV, the oldest first, and with everything', async () => {
    const id = await designId()
    await post(id, { readings: [{ watts: 1 }, { watts: 2 }] }).expect(201)
    const { text, headers } = await api().get(`/api/designs/${id}/readings.csv`).expect(200)
    expect(headers['content-type']).toContain('text/csv')
    expect(text.split('\r\n').map((line) => line.split(',')[1])).toEqual([
      'watts',
      '1',
      '2',
      undefined,
    ])
    const everything = (await api().get('/api/everything').expect(200)).body as Everything
    const entry = everything.readings?.find(({ readings }) => readings.length === 2)
    expect(entry?.readings.map(({ watts }) => watts)).toEqual([1, 2])
    expect(everything.designs[entry?.design ?? -1]).toMatchObject({ name: 'Bench' })
  })

  test('a design that is deleted for good takes them along', async () => {
    const id = await designId()
    await post(id, { watts: 5 }).expect(201)
    await api().delete(`/api/designs/${id}`).send({}).expect(204)
    await api().delete(`/api/removed-designs/${id}`).send({}).expect(204)
    const [{ count }] = await server.database.query<[{ count: string }]>(
      'SELECT count(*) FROM reading WHERE design_id = $1',
      [id],
    )
    expect(count).toBe('0')
  })

  test('a design that has as many as are kept takes no more', async () => {
    const id = await designId()
    const store = new ReadingStore(server.database, 2)
    await store.keep(id, [{ watts: 1 }, { watts: 2 }])
    await expect(store.keep(id, [{ watts: 3 }])).rejects.toThrow('A design keeps 2 readings')
  })
})

describe('a meter that is listened to', () => {
  test('the simulated one says that it is, a value each second', async () => {
    const shelf = (await api().get('/api/designs').expect(200)).body as {
      rows: { id: string; name: string }[]
    }
    const id = shelf.rows.find(({ name }) => name === 'Cabin archive')?.id ?? ''
    const { events, type } = await eventsOf(`/api/designs/${id}/meter?simulated=yes`, 2)
    expect(type).toBe('text/event-stream')
    expect(events.every(({ isSimulated }) => isSimulated)).toBe(true)
    expect(events[0]).toMatchObject({ state: 'starting' })
    expect(events[0]?.watts).toBeGreaterThan(100)
  })

  test('a real one sends on what is posted, of this design alone', async () => {
    const [id, other] = [await designId(), await designId()]
    const heard = eventsOf(`/api/designs/${id}/meter`, 1)
    // Whoever listens is there once the first reading comes through.
    const posting = setInterval(() => {
      void post(other, { watts: 99 }).then(() => post(id, { watts: 42, state: 'spinning' }))
    }, 100)
    const { events } = await heard
    clearInterval(posting)
    expect(events[0]).toMatchObject({ watts: 42, state: 'spinning', isSimulated: false })
  })

  test('open streams take no turn of other requests', async () => {
    const id = await designId()
    const open = Array.from({ length: 12 }, () => eventsOf(`/api/designs/${id}/meter`, 1))
    await new Promise((done) => setTimeout(done, 300))
    await api().get('/api/designs').timeout(2_000).expect(200)
    await post(id, { watts: 7 }).timeout(2_000).expect(201)
    const all = await Promise.all(open)
    expect(all.every(({ events }) => events[0]?.watts === 7)).toBe(true)
  })

  test('asked for as anything else it refuses, and a machine without a supply shows nothing', async () => {
    const id = await designId()
    await api().get(`/api/designs/${id}/meter`).expect(406)
    await api()
      .get(`/api/designs/${id}/meter?simulated=yes`)
      .set('accept', 'text/event-stream')
      .expect(404)
  })
})

test('the line of docs/meter.md does what it says', async () => {
  const id = await designId()
  const [, line = ''] =
    /```sh\n(.+)\n```/.exec(readFileSync(join('docs', 'meter.md'), 'utf8')) ?? []
  // On the machine itself nobody signs in, and no token is known.
  const command = line.replace(`-H "Authorization: Bearer $TOKEN" `, '')
  expect(command).not.toBe(line)
  const { port } = listening.address() as AddressInfo
  const { stdout } = await promisify(execFile)('bash', ['-c', command], {
    env: { ...process.env, SHELF: `http://127.0.0.1:${port}`, DESIGN: id },
  })
  expect(JSON.parse(stdout)).toMatchObject({ readings: [{ watts: 42.5, source: 'meter' }] })
})
