// Whatever is sent, nothing fails, nothing hangs, and nothing is stored by halves.
import { Agent, createServer, request as send, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { performance } from 'node:perf_hooks'
import { PROBLEM_MEDIA_TYPE, type ProblemDocument, type StoredDesign } from '@flint/contract'
import { newDesign } from '@flint/core/editing'
import fc from 'fast-check'
import request from 'supertest'
import { type AnyRequest, anyRequest } from '../support/anyRequest'
import { startTestServer, type TestServer } from '../support/testServer'

/** Requests in `npm test`; `npm run soak` asks for more. */
const REQUESTS = Number(process.env.FLINT_REQUESTS ?? 10_000)
const AT_ONCE = 40
const LONGEST_MS = 2_000

let server: TestServer
let listening: Server
const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE })
beforeAll(async () => {
  server = await startTestServer()
  listening = createServer(server.app).listen(0, '127.0.0.1')
})
afterAll(async () => {
  agent.destroy()
  listening.closeAllConnections()
  listening.close()
  await server.stop()
})

interface Answer {
  status: number
  type: string
  text: string
  milliseconds: number
}

function answerTo({ method, path, headers, body }: AnyRequest): Promise<Answer> {
  const { port } = listening.address() as AddressInfo
  const start = performance.now()
  return new Promise((resolve, reject) => {
    // Without its length the body of a DELETE would be taken for the next request.
    const length = { 'content-length': String(body?.length ?? 0) }
    const all = body ? { ...headers, ...length } : headers
    const sent = send(
      { port, host: '127.0.0.1', method, path, headers: all, agent },
      (response) => {
        const chunks: Buffer[] = []
        response.on('data', (chunk: Buffer) => chunks.push(chunk))
        response.on('end', () => {
          resolve({
            status: response.statusCode ?? 0,
            type: response.headers['content-type'] ?? '',
            text: Buffer.concat(chunks).toString(),
            milliseconds: performance.now() - start,
          })
        })
      },
    )
    sent.on('error', reject)
    sent.end(body ?? undefined)
  })
}

test(
  'any request is answered, in time and never with a failure',
  async () => {
    const made = (
      await Promise.all(
        [1, 2, 3].map(async () => {
          const document = newDesign('There')
          return (await request(server.app).post('/api/designs').send({ document }).expect(201))
            .body as StoredDesign
        }),
      )
    ).map(({ id }) => id)
    const seed = Number(process.env.FLINT_SEED ?? Date.now() % 2 ** 31)
    // Made a few at a time: a soak asks for more than memory holds.
    for (let at = 0; at < REQUESTS; at += AT_ONCE) {
      const some = fc.sample(anyRequest(made), { numRuns: AT_ONCE, seed: seed + at })
      const answers = await Promise.all(some.map(answerTo))
      for (const [index, { status, type, text, milliseconds }] of answers.entries()) {
        const { method, path, headers } = some[index] ?? {}
        const body = some[index]?.body?.toString().slice(0, 500)
        const what = { seed: seed + at, method, path, headers, body, status }
        expect({ ...what, isFailure: status >= 500 }).toEqual({ ...what, isFailure: false })
        expect({ ...what, isLate: milliseconds > LONGEST_MS }).toEqual({ ...what, isLate: false })
        if (status < 400 || method === 'HEAD' || !path?.startsWith('/api')) continue
        expect({ ...what, type }).toEqual({
          ...what,
          type: expect.stringContaining(PROBLEM_MEDIA_TYPE) as string,
        })
        const { detail, errors = [] } = JSON.parse(text) as ProblemDocument
        expect({ ...what, detail }).toEqual({
          ...what,
          detail: expect.stringMatching(/\.$/) as string,
        })
        expect(errors.length).toBeLessThanOrEqual(20)
      }
    }

    const halves = await server.database.query<{ id: string }[]>(
      `SELECT id FROM design WHERE NOT EXISTS (
       SELECT FROM design_revision r WHERE r.design_id = design.id AND r.revision = design.revision)
     UNION SELECT design_id FROM design_revision r WHERE NOT EXISTS (
       SELECT FROM design WHERE design.id = r.design_id)`,
    )
    expect(halves).toEqual([])
    await request(server.app).get('/api/designs').expect(200)
    await request(server.app).get('/api/parts').expect(200)
  },
  Math.max(180_000, REQUESTS * 20),
)
