import type { PartPage, ProblemDocument, ShelfPage, ShelfRow, StoredDesign } from '@flint/contract'
import { renameDesign } from '@flint/core/editing'
import request from 'supertest'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.stop())

const api = () => request(server.app)
const shelf = async (): Promise<ShelfRow[]> =>
  ((await api().get('/api/designs').expect(200)).body as ShelfPage).rows

test('an empty database is filled with the demo', async () => {
  expect((await shelf()).map(({ name }) => name)).toEqual([
    'Cabin archive',
    'Warm-room shelf',
    'Drawer of drives',
  ])
  const { parts } = (await api().get('/api/parts').expect(200)).body as PartPage
  const count = (kind: string) => parts.filter(({ sheet }) => sheet.kind === kind).length
  expect(count('drive')).toBeGreaterThanOrEqual(6)
  expect(count('chassis')).toBeGreaterThanOrEqual(3)
  expect(count('board')).toBeGreaterThanOrEqual(3)
  expect(count('supply')).toBeGreaterThanOrEqual(3)
  expect(count('controller')).toBeGreaterThanOrEqual(2)
})

test('restoring the demo brings back what was removed and keeps what was changed as a revision', async () => {
  const [cabin, warm] = await shelf()
  if (!cabin || !warm) throw new Error('no demo')
  const { body: stored } = await api().get(`/api/designs/${cabin.id}`).expect(200)
  await api()
    .put(`/api/designs/${cabin.id}`)
    .send({
      basedOnRevision: 1,
      document: renameDesign((stored as StoredDesign).document, 'Changed'),
    })
    .expect(200)
  await api().delete(`/api/designs/${warm.id}`).send({}).expect(204)
  await api().post('/api/demo/restore').send({}).expect(204)
  const after = await shelf()
  expect(after.map(({ name }) => name)).toEqual([
    'Cabin archive',
    'Warm-room shelf',
    'Drawer of drives',
  ])
  const { body } = await api().get(`/api/designs/${cabin.id}/revisions/2`).expect(200)
  expect(body).toMatchObject({ document: { name: 'Changed' } })
})

test('the migrations make exactly the tables that the entities describe', async () => {
  const { upQueries } = await server.database.driver.createSchemaBuilder().log()
  expect(upQueries.map(({ query }) => query)).toEqual([])
})

test('the migrations can be undone', async () => {
  let left = server.database.migrations.length
  while (left > 0) {
    await server.database.undoLastMigration()
    left -= 1
  }
  const tables = await server.database.query<{ name: string }[]>(
    `SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public'`,
  )
  expect(tables).toEqual([{ name: 'migrations' }])
  await server.database.runMigrations()
})

test('health answers, and says when the database does not', async () => {
  await api().get('/api/health').expect(200, { status: 'ok' })
  const other = await startTestServer()
  await other.stop()
  const { body } = await request(other.app).get('/api/health').expect(503)
  expect((body as ProblemDocument).detail).toBe('The database does not answer.')
})

test('a failure inside is told without its inside', async () => {
  const other = await startTestServer()
  await other.stop()
  const { body } = await request(other.app).get('/api/designs').expect(500)
  expect(body).toMatchObject({ status: 500, title: 'The server failed' })
  expect(JSON.stringify(body)).not.toMatch(/typeorm|pg|stack/i)
})

test('only this machine’s own names are answered', async () => {
  await api().get('/api/health').set('host', 'elsewhere.example').expect(421)
  await api().get('/api/health').set('host', 'localhost:4810').expect(200)
})

test('pages are sent with a strict content security policy', async () => {
  const { headers } = await api().get('/designs/any/drives').expect(200)
  expect(headers['content-security-policy']).toContain("script-src 'self'")
  await api().get('/assets/none.js').expect(404)
})
