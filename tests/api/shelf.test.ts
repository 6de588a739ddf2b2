import {
  DESIGNS_PER_PAGE,
  type Everything,
  type PartUse,
  type ShelfPage,
  type ShelfRow,
  type StoredDesign,
} from '@flint/contract'
import { type Design, newDesign, parseDesign, removeParts, renameDesign } from '@flint/core/editing'
import { designSummary } from '@flint/core/figures'
import request from 'supertest'
import { summariserHere } from '../support/sameThread'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.stop())

const api = () => request(server.app)
const create = async (document: Design): Promise<StoredDesign> =>
  (await api().post('/api/designs').send({ document }).expect(201)).body as StoredDesign
const read = async (id: string): Promise<StoredDesign> =>
  (await api().get(`/api/designs/${id}`).expect(200)).body as StoredDesign
const page = async (query: object = {}): Promise<ShelfPage> =>
  (await api().get('/api/designs').query(query).expect(200)).body as ShelfPage
const names = async (query: object): Promise<string[]> =>
  (await page(query)).rows.map(({ name }) => name)

test('a row has the figures that the design has, from its first save on and after each', async () => {
  for (const row of (await page()).rows) {
    const { document } = await read(row.id)
    expect(row.summary).toEqual(JSON.parse(JSON.stringify(designSummary(document))))
    expect(row).toMatchObject({ unread: null, isPending: false, right: 'own' })
  }
  const [cabin] = (await page({ find: 'cabin' })).rows
  const { document, revision } = await read(cabin?.id ?? '')
  const changed = { ...document, brief: { ...document.brief, idleWattsLimit: 1 } }
  await api()
    .put(`/api/designs/${cabin?.id ?? ''}`)
    .send({ document: changed, basedOnRevision: revision })
    .expect(200)
  const [after] = (await page({ find: 'cabin' })).rows
  expect(after).toMatchObject({ revision: revision + 1, isPending: false })
  expect(after?.summary?.limits.find(({ id }) => id === 'idle')?.status).toBe('missed')
})

test('designs are found by all words of name and notes, in any letters, and nothing else is read into them', async () => {
  await create({ ...newDesign('Loft 100%'), notes: 'Under the ROOF of the barn' })
  expect(await names({ find: 'roof loft' })).toEqual(['Loft 100%'])
  expect(await names({ find: '100%' })).toEqual(['Loft 100%'])
  expect(await names({ find: '%' })).toEqual(['Loft 100%'])
  expect(await names({ find: '_' })).toEqual([])
  expect(await names({ find: "roof' OR true --" })).toEqual([])
})

test('a revision keeps the figures that it was saved with', async () => {
  const [row] = (await page({ find: 'warm' })).rows
  const { document: design } = await read(row?.id ?? '')
  const { id } = await create(design)
  const smaller = removeParts(design, [design.fitted.find(({ bay }) => bay)?.id ?? ''])
  await api().put(`/api/designs/${id}`).send({ basedOnRevision: 1, document: smaller }).expect(200)
  const { body: revisions } = await api().get(`/api/designs/${id}/revisions`).expect(200)
  const kept = [smaller, design].map((one) => {
    const { capacity, survival, power, cost, limits } = designSummary(one)
    return { figures: { capacity, survival, power, cost, limits } }
  })
  expect(revisions).toMatchObject(JSON.parse(JSON.stringify(kept)) as object[])
})

test('the order is that of the figures, with what is not known last', async () => {
  const rows = async (order: string): Promise<ShelfRow[]> => (await page({ order })).rows
  const isSorted = (values: (number | undefined)[], sign: 1 | -1): boolean =>
    values.every((value, at) => {
      const before = values[at - 1]
      return (
        at === 0 || value === undefined || (before !== undefined && sign * (value - before) >= 0)
      )
    })
  const space = (await rows('space')).map(({ summary }) => summary?.capacity.workingBytes)
  const watts = (await rows('watts')).map(({ summary }) => summary?.power.wall?.likely)
  const cost = (await rows('cost')).map(({ summary }) => summary?.cost.total.likely)
  expect(isSorted(space, -1)).toBe(true)
  expect(isSorted(watts, 1)).toBe(true)
  expect(isSorted(cost, 1)).toBe(true)
  expect(new Set(space).size).toBeGreaterThan(2)
  expect(new Set(watts).size).toBeGreaterThan(2)
  // One without a supply draws nobody knows what.
  expect(watts.at(-1)).toBeUndefined()
  const byName = await names({ order: 'name' })
  expect(byName).toEqual([...byName].sort((one, other) => one.localeCompare(other, 'en')))
  await api().get('/api/designs?order=colour').expect(400)
  await api().get('/api/designs?page=0').expect(400)
  await api().get('/api/designs?page=1&page=2').expect(400)
})

test('every design is on one page', async () => {
  await Promise.all(
    Array.from({ length: 60 }, (_, at) => create(newDesign(`Many ${String(at).padStart(2, '0')}`))),
  )
  const { total, rows } = await page({ find: 'many', order: 'name' })
  const second = await page({ find: 'many', order: 'name', page: 2 })
  expect([total, rows.length, second.rows.length]).toEqual([60, DESIGNS_PER_PAGE, 10])
  const all = [...rows, ...second.rows].map(({ name }) => name)
  expect(all).toEqual([...new Set(all)].sort())
  expect((await page({ find: 'many', page: 3 })).rows).toEqual([])
})

test('what another build worked out, or nobody, is worked out again, but for a design that takes too long', async () => {
  const slow = await startTestServer(
    {},
    {
      madeBy: 'slow',
      summarise: () => Promise.resolve(null),
      close: () => Promise.resolve(),
    },
  )
  await slow.house.summaries.fillIn()
  const { body } = await request(slow.app).get('/api/designs').expect(200)
  for (const row of (body as ShelfPage).rows) {
    expect(row).toMatchObject({ summary: null, isPending: false, unread: null })
    expect(row.name).not.toBe('')
  }
  expect((body as ShelfPage).rows).toHaveLength(3)
  await slow.stop()
  await server.database.query(`UPDATE design_summary SET made_by = '', summary = NULL`)
  expect((await page()).rows.every(({ isPending }) => isPending)).toBe(true)
  await server.house.summaries.fillIn()
  expect((await page()).rows.every(({ summary }) => summary !== null)).toBe(true)
})

test('the designs that hold a part are named with its pieces', async () => {
  const [row] = (await page({ find: 'cabin' })).rows
  const { document } = await read(row?.id ?? '')
  const drive = document.snapshots.find(({ sheet }) => sheet.kind === 'drive')
  const pieces = document.fitted.filter(({ snapshotId }) => snapshotId === drive?.id).length
  const { body } = await api()
    .get(`/api/parts/${drive?.slug ?? ''}/uses`)
    .expect(200)
  expect(pieces).toBeGreaterThan(1)
  expect(body as PartUse[]).toContainEqual({ id: row?.id, name: row?.name, pieces })
  await api().get('/api/parts/nothing-of-this-name/uses').expect(200, [])
})

test('a copy has the name of its original, and behind it that it is one, cut between characters', async () => {
  const long = `${'a'.repeat(109)}💾${'b'.repeat(5)}`
  const { id } = await create(newDesign(long))
  const { body } = await api().post(`/api/designs/${id}/copy`).send({}).expect(201)
  expect((body as StoredDesign).document.name).toBe(`${'a'.repeat(109)}, copy`)
})

test('everything in one file: each design can be read, and the file has parts of one’s own and what is owned', async () => {
  const { body: parts } = await api().get('/api/parts').expect(200)
  const [shipped] = (parts as { parts: { slug: string; sheet: object }[] }).parts
  await api()
    .put(`/api/parts/${shipped?.slug ?? ''}/owned`)
    .send({ ownedPieces: 4 })
    .expect(200)
  await api().put('/api/parts/mine').send({ sheet: shipped?.sheet }).expect(200)
  const { body } = await api().get('/api/everything').expect(200)
  const { format, version, designs, parts: own } = body as Everything
  expect({ format, version }).toEqual({ format: 'flint-shelf/everything', version: 1 })
  expect(own).toMatchObject([
    { slug: shipped?.slug, ownedPieces: 4 },
    { slug: 'mine', version: 1 },
  ])
  expect(designs).toHaveLength((await page()).total)
  for (const document of designs) expect('design' in parseDesign(document)).toBe(true)
})

describe('ways back', () => {
  const revisions = async (id: string): Promise<number[]> =>
    (
      (await api().get(`/api/designs/${id}/revisions`).expect(200)).body as { revision: number }[]
    ).map(({ revision }) => revision)

  test('of days that are over the last revision stays, and those with a name; today all', async () => {
    const { id, document } = await create(newDesign('Thinned'))
    for (let revision = 1; revision <= 7; revision += 1) {
      await api()
        .put(`/api/designs/${id}`)
        .send({ basedOnRevision: revision, document: renameDesign(document, `R${revision}`) })
        .expect(200)
    }
    const saved = (revision: number, at: string) =>
      server.database.query(
        'UPDATE design_revision SET saved_at = $3 WHERE design_id = $1 AND revision = $2',
        [id, revision, at],
      )
    for (const revision of [1, 2, 3]) await saved(revision, `2026-03-01 0${revision}:00`)
    for (const revision of [4, 5]) await saved(revision, `2026-03-02 0${revision}:00`)
    for (const revision of [6, 7, 8]) await saved(revision, `2026-03-03 0${revision}:00`)
    await api().put(`/api/designs/${id}/revisions/1/name`).send({ label: 'As ordered' }).expect(204)
    await server.house.past.thin(new Date('2026-03-03T12:00:00'))
    expect(await revisions(id)).toEqual([8, 7, 6, 5, 3, 1])
    await server.house.past.thin(new Date('2026-03-04T00:00:01'))
    expect(await revisions(id)).toEqual([8, 5, 3, 1])
    await api().put(`/api/designs/${id}/revisions/1/name`).send({ label: null }).expect(204)
    await server.house.past.thin(new Date('2026-03-04T00:00:01'))
    expect(await revisions(id)).toEqual([8, 5, 3])
    expect((await read(id)).revision).toBe(8)
    await api().put(`/api/designs/${id}/revisions/2/name`).send({ label: 'x' }).expect(404)
    await api().put(`/api/designs/${id}/revisions/8/name`).send({ label: '' }).expect(400)
  })

  test('what the demo was before it was restored is never thinned', async () => {
    const [row] = (await page({ find: 'drawer' })).rows
    const { id, document, revision } = await read(row?.id ?? '')
    await api()
      .put(`/api/designs/${id}`)
      .send({ basedOnRevision: revision, document: renameDesign(document, 'My drawer') })
      .expect(200)
    await api().post('/api/demo/restore').send({}).expect(204)
    await server.house.past.thin(new Date(Date.now() + 2 * 24 * 60 * 60 * 1_000))
    const { body } = await api().get(`/api/designs/${id}/revisions`).expect(200)
    expect(body).toContainEqual(
      expect.objectContaining({ name: 'My drawer', label: 'before the demo was restored' }),
    )
    // As it is shipped already: no revision more.
    const before = (await revisions(id)).length
    await api().post('/api/demo/restore').send({}).expect(204)
    expect(await revisions(id)).toHaveLength(before)
  })

  test('only what is off the shelf can be deleted for good, and then nothing of it is left', async () => {
    const { id, document } = await create(newDesign('Forgotten'))
    await api()
      .put(`/api/designs/${id}`)
      .send({ basedOnRevision: 1, document: renameDesign(document, 'A') })
    await api()
      .put(`/api/designs/${id}`)
      .send({ basedOnRevision: 1, document: renameDesign(document, 'B') })
      .expect(409)
    await api().delete(`/api/removed-designs/${id}`).send({}).expect(409)
    await api().delete(`/api/designs/${id}`).send({}).expect(204)
    await api().delete(`/api/removed-designs/${id}`).send({}).expect(204)
    await api().post(`/api/designs/${id}/return`).send({}).expect(404)
    for (const table of ['design_revision', 'design_set_aside', 'design_summary']) {
      const rows = await server.database.query<unknown[]>(
        `SELECT FROM ${table} WHERE design_id = $1`,
        [id],
      )
      expect(rows).toEqual([])
    }
  })

  test('one removed twice keeps the day on which it was removed', async () => {
    const { id } = await create(newDesign('Twice'))
    await api().delete(`/api/designs/${id}`).send({}).expect(204)
    const day = async (): Promise<unknown> =>
      (
        await server.database.query<object[]>('SELECT removed_at FROM design WHERE id = $1', [id])
      )[0]
    const first = await day()
    await api().delete(`/api/designs/${id}`).send({}).expect(204)
    expect(await day()).toEqual(first)
  })
})

test('answers are compressed for who takes that', async () => {
  const { headers } = await api().get('/api/parts').set('accept-encoding', 'gzip').expect(200)
  expect(headers['content-encoding']).toBe('gzip')
})

test('a design whose summary took longer than its save has it soon after, by itself', async () => {
  const slow = await startTestServer(
    {},
    {
      ...summariserHere,
      // In the half second of a save it is never ready.
      summarise: (asked, longestMs) =>
        longestMs < 1_000 ? Promise.resolve(null) : summariserHere.summarise(asked, longestMs),
    },
  )
  await slow.house.summaries.fillIn()
  await request(slow.app)
    .post('/api/designs')
    .send({ document: newDesign('Overdue') })
    .expect(201)
  let row: ShelfRow | undefined
  for (let tries = 0; tries < 100 && !row?.summary; tries += 1) {
    await new Promise((resolve) => setTimeout(resolve, 20))
    const { body } = await request(slow.app).get('/api/designs?find=overdue').expect(200)
    row = (body as ShelfPage).rows[0]
  }
  expect(row).toMatchObject({
    name: 'Overdue',
    isPending: false,
    summary: expect.anything() as object,
  })
  await slow.stop()
})
