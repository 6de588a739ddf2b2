import type { CollectedPage, Everything, StoredCollected } from '@flint/contract'
import { NO_FAULTS, resolveMachine, simulatedMachine } from '@flint/core/figures'
import request from 'supertest'
import { CollectedStore } from '../../apps/server/src/proving/collectedStore'
import { demoDesign } from '../../packages/core/fixtures/demo'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
let id: string
beforeEach(async () => {
  server = await startTestServer()
  const { body } = await api().get('/api/designs').expect(200)
  const { rows } = body as { rows: { id: string; name: string }[] }
  id = rows.find(({ name }) => name === 'Cabin archive')?.id ?? ''
})
afterEach(async () => {
  await server.stop()
})

const api = () => request(server.app)
const cabin = demoDesign('cabin-archive')
const file = (at = '2026-11-27T20:00:00Z') =>
  simulatedMachine(cabin, resolveMachine(cabin), NO_FAULTS, at)
const page = async (query = ''): Promise<CollectedPage> =>
  (await api().get(`/api/designs/${id}/collected${query}`).expect(200)).body as CollectedPage

test('what the machine says is kept word for word, and read once', async () => {
  const sent = { ...file(), somethingNew: { stays: true } }
  const { body } = await api().post(`/api/designs/${id}/collected`).send(sent).expect(201)
  const { number, takenAt, seen } = body as StoredCollected
  expect(takenAt).toBe('2026-11-27T20:00:00.000Z')
  expect(seen).toMatchObject({ simulated: true, problems: [] })
  expect(seen.drives).toHaveLength(12)
  const { body: back } = await api().get(`/api/designs/${id}/collected/${number}`).expect(200)
  expect(back).toEqual(sent)
  expect(await page()).toMatchObject({ total: 1, collected: [{ number }] })
})

test('the last ones come first, older ones behind a number, one is removed', async () => {
  const numbers: string[] = []
  for (const day of ['25', '26', '27']) {
    const { body } = await api()
      .post(`/api/designs/${id}/collected`)
      .send(file(`2026-11-${day}T08:00:00Z`))
      .expect(201)
    numbers.push((body as StoredCollected).number)
  }
  const all = await page()
  expect(all.collected.map(({ number }) => number)).toEqual(numbers.toReversed())
  const older = await page(`?before=${numbers[1] ?? ''}`)
  expect(older.collected.map(({ number }) => number)).toEqual(numbers.slice(0, 1))
  await api()
    .delete(`/api/designs/${id}/collected/${numbers[0] ?? ''}`)
    .send({})
    .expect(204)
  await api()
    .delete(`/api/designs/${id}/collected/${numbers[0] ?? ''}`)
    .send({})
    .expect(404)
  await api().get(`/api/designs/${id}/collected/x`).expect(404)
  expect((await page()).total).toBe(2)
})

test('it is in the file of everything, and gone with its design', async () => {
  await api().post(`/api/designs/${id}/collected`).send(file()).expect(201)
  const { collected, designs } = (await api().get('/api/everything').expect(200)).body as Everything
  expect(collected).toHaveLength(1)
  expect(designs[collected?.[0]?.design ?? -1]).toMatchObject({ name: 'Cabin archive' })
  expect(collected?.[0]?.file).toEqual(file())
  await api().delete(`/api/designs/${id}`).send({}).expect(204)
  await api().delete(`/api/removed-designs/${id}`).send({}).expect(204)
  const [{ count }] = await server.database.query<[{ count: string }]>(
    'SELECT count(*) FROM collected',
  )
  expect(count).toBe('0')
})

test.each([
  [{}, 'This is no file of tools/flint-collect.sh.'],
  [
    { format: 'flint-shelf/collected', version: 1, at: 'noon', files: {} },
    'The field at of the collected file cannot be read.',
  ],
])('%p is refused with a sentence', async (body, sentence) => {
  const { body: problem } = await api().post(`/api/designs/${id}/collected`).send(body).expect(400)
  expect((problem as { detail: string }).detail).toBe(sentence)
})

test('a design that is not there has none, and one that is full says so', async () => {
  const nobody = '00000000-0000-4000-8000-000000000000'
  await api().post(`/api/designs/${nobody}/collected`).send(file()).expect(404)
  const store = new CollectedStore(server.database, 0)
  await expect(
    store.keep(id, {}, { ...({} as StoredCollected['seen']), at: '2026-11-27T20:00:00Z' }),
  ).rejects.toMatchObject({ document: { status: 409 } })
})
