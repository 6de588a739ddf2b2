import type {
  PartPage,
  ProblemDocument,
  RemovedPart,
  StoredDesign,
  StoredPart,
  TakenIn,
} from '@flint/contract'
import { type CataloguePart, newDesign, partSheet } from '@flint/core/editing'
import request from 'supertest'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.stop())

const api = () => request(server.app)
const list = async (): Promise<StoredPart[]> =>
  ((await api().get('/api/parts').expect(200)).body as PartPage).parts
const find = async (slug: string): Promise<StoredPart | undefined> =>
  (await list()).find((part) => part.slug === slug)
const fan = (model: string, change: object = {}): CataloguePart => ({
  slug: `mine-${model.toLowerCase()}`,
  version: 1,
  sheet: partSheet.parse({ kind: 'fan', maker: 'Mine', model, sizeMm: 120, ...change }),
  price: null,
})

describe('parts of one’s own', () => {
  test('kept, changed and removed; a change counts the version up', async () => {
    const { slug, sheet } = fan('Quiet')
    const { body: first } = await api().put(`/api/parts/${slug}`).send({ sheet }).expect(200)
    expect(first).toMatchObject({ slug, version: 1, origin: 'own', ownedPieces: 0 })
    const changed = { ...sheet, idleWatts: 0.4 }
    const { body } = await api().put(`/api/parts/${slug}`).send({ sheet: changed }).expect(200)
    expect(body).toMatchObject({ version: 2, sheet: { idleWatts: 0.4 } })
    await api().delete(`/api/parts/${slug}`).send({}).expect(204)
    expect(await find(slug)).toBeUndefined()
    await api().delete(`/api/parts/${slug}`).send({}).expect(404)
  })

  test('what is asked for a part stands beside its sheet; another price is no other version', async () => {
    const { slug, sheet } = fan('Priced')
    const price = { currency: 'EUR', unitMinor: 1_900, shippingMinor: null }
    const put = async (body: object): Promise<StoredPart> =>
      (await api().put(`/api/parts/${slug}`).send(body).expect(200)).body as StoredPart
    expect(await put({ sheet, price })).toMatchObject({ version: 1, price })
    const dearer = { ...price, unitMinor: 2_100 }
    expect(await put({ sheet, price: dearer })).toMatchObject({ version: 1, price: dearer })
    // Scripts that were written before have it on the sheet.
    const old = await put({ sheet: { ...sheet, price } })
    expect(old).toMatchObject({ version: 1, price })
    expect((await find(slug))?.price).toEqual(price)
    const { body } = await api()
      .put(`/api/parts/${slug}`)
      .send({ sheet, price: { unitMinor: 1 } })
      .expect(400)
    expect((body as ProblemDocument).errors?.[0]?.field).toBe('price.currency')
    await api().delete(`/api/parts/${slug}`).send({}).expect(204)
  })

  test('a shipped part is neither changed nor removed', async () => {
    const { sheet } = fan('Brisk')
    const { body } = await api().put('/api/parts/brisk-120').send({ sheet }).expect(409)
    expect((body as ProblemDocument).detail).toContain('Copy it under another name')
    await api().delete('/api/parts/brisk-120').send({}).expect(409)
    expect((await find('brisk-120'))?.sheet.maker).toBe('Brisk')
  })

  test.each([
    ['mine-bad', { kind: 'fan', maker: 'Mine', model: 'Bad', sizeMm: -1 }, 'sheet.sizeMm'],
    ['mine-bad', { kind: 'house' }, 'sheet'],
    ['mine-bad', 'text', 'sheet'],
  ])('%s with a bad data sheet is refused with the field', async (slug, sheet, field) => {
    const { body } = await api().put(`/api/parts/${slug}`).send({ sheet }).expect(400)
    expect((body as ProblemDocument).errors?.[0]?.field).toContain(field)
    expect(await find(slug)).toBeUndefined()
  })

  test('a name that is none is not found', async () => {
    await api()
      .put('/api/parts/Not%20A%20Name')
      .send({ sheet: fan('X').sheet })
      .expect(404)
  })
})

describe('removed parts', () => {
  const removed = async (slug: string): Promise<RemovedPart[]> =>
    ((await api().get('/api/removed-parts').expect(200)).body as RemovedPart[]).filter(
      (one) => one.slug === slug,
    )

  test('are listed, come back with what is owned of them, and are deleted only from there', async () => {
    const { slug, sheet } = fan('Missed')
    await api().put(`/api/parts/${slug}`).send({ sheet }).expect(200)
    await api().put(`/api/parts/${slug}/owned`).send({ ownedPieces: 2 }).expect(200)
    await api().delete(`/api/removed-parts/${slug}`).send({}).expect(404)
    await api().delete(`/api/parts/${slug}`).send({}).expect(204)
    expect(await removed(slug)).toMatchObject([{ slug, name: 'Mine Missed' }])
    const { body } = await api().post(`/api/removed-parts/${slug}/return`).send({}).expect(200)
    expect(body).toMatchObject({ slug, ownedPieces: 2 })
    expect(await find(slug)).toBeDefined()
    await api().delete(`/api/parts/${slug}`).send({}).expect(204)
    await api().delete(`/api/removed-parts/${slug}`).send({}).expect(204)
    expect(await removed(slug)).toEqual([])
    await api().post(`/api/removed-parts/${slug}/return`).send({}).expect(404)
  })

  test('one kept again under its name is no longer among them', async () => {
    const { slug, sheet } = fan('Again')
    await api().put(`/api/parts/${slug}`).send({ sheet }).expect(200)
    await api().delete(`/api/parts/${slug}`).send({}).expect(204)
    await api().put(`/api/parts/${slug}`).send({ sheet }).expect(200)
    expect(await removed(slug)).toEqual([])
    expect((await find(slug))?.version).toBe(1)
  })
})

describe('what is owned', () => {
  test('is noted for shipped parts too, and outlives the next start', async () => {
    await api().put('/api/parts/brisk-120/owned').send({ ownedPieces: 3 }).expect(200)
    await api().post('/api/demo/restore').send({}).expect(204)
    expect(await find('brisk-120')).toMatchObject({ ownedPieces: 3, origin: 'shipped' })
  })

  test.each([-1, 1.5, 10_001, '3', null])('%j pieces are refused', async (ownedPieces) => {
    const { body } = await api().put('/api/parts/brisk-92/owned').send({ ownedPieces }).expect(400)
    expect((body as ProblemDocument).errors?.[0]?.field).toBe('ownedPieces')
  })

  test('of a part that is not there is not found', async () => {
    await api().put('/api/parts/not-there/owned').send({ ownedPieces: 1 }).expect(404)
  })
})

describe('taking a file in', () => {
  test('new ones become one’s own; names of shipped parts are refused, each with its reason', async () => {
    const parts = [
      fan('One'),
      { ...fan('Two'), ownedPieces: 2 },
      { ...fan('X'), slug: 'brisk-80-strong' },
    ]
    const { body } = await api().post('/api/parts/take-in').send({ parts }).expect(200)
    expect(body).toEqual({
      taken: 2,
      refused: [
        { slug: 'brisk-80-strong', reason: 'brisk-80-strong is the name of a shipped part.' },
      ],
    } satisfies TakenIn)
    expect(await find('mine-two')).toMatchObject({ origin: 'own', ownedPieces: 2 })
    expect((await find('brisk-80-strong'))?.sheet.maker).toBe('Brisk')
  })

  test('a whole export comes back as it was', async () => {
    const before = await list()
    const parts = before.map(({ slug, version, sheet, ownedPieces }) => ({
      slug,
      version,
      sheet,
      ownedPieces,
    }))
    const { body } = await api().post('/api/parts/take-in').send({ parts }).expect(200)
    expect((body as TakenIn).refused).toEqual([])
    expect(await list()).toEqual(before)
  })

  test('one bad entry is named, and nothing of that request is taken', async () => {
    const parts = [fan('Good'), { ...fan('Bad'), slug: 'Not A Name' }]
    const { body } = await api().post('/api/parts/take-in').send({ parts }).expect(400)
    expect((body as ProblemDocument).errors?.[0]?.field).toBe('parts[1].slug')
    expect(await find('mine-good')).toBeUndefined()
  })

  test('more than one request takes is refused', async () => {
    const parts = Array.from({ length: 501 }, (_, index) => fan(`Many${index}`))
    await api().post('/api/parts/take-in').send({ parts }).expect(400)
  })
})

test('what an older version stored is read with what has come since as not known', async () => {
  const path = join(
    import.meta.dirname,
    '..',
    '..',
    'packages/core/fixtures/designs/warm-room-shelf-version-1.json',
  )
  const old: unknown = JSON.parse(readFileSync(path, 'utf8'))
  const { body } = await api()
    .post('/api/designs')
    .send({ document: newDesign('Old') })
    .expect(201)
  const { id } = body as StoredDesign
  await server.database.query(
    `UPDATE design_revision SET document = $1, checked_by = NULL WHERE design_id = $2`,
    [old, id],
  )
  const { body: read } = await api().get(`/api/designs/${id}`).expect(200)
  const { document } = read as StoredDesign
  expect(document.version).toBe(14)
  expect(document.fitted[0]?.sockets).toEqual([])
  expect(document.snapshots[0]?.sheet).toMatchObject({ kind: 'chassis', openings525: null })

  await server.database.query(
    `INSERT INTO part (slug, version, origin, sheet) VALUES ('mine-old', 1, 'own', $1)`,
    [{ kind: 'fan', maker: 'Mine', model: 'Old', sizeMm: 80 }],
  )
  expect((await find('mine-old'))?.sheet).toMatchObject({ idleWatts: null, sources: {} })
})

test('a page of parts is not sent again while no part has changed, by whatever way', async () => {
  const tag = async (path = '/api/parts'): Promise<string> =>
    String((await api().get(path).expect(200)).headers.etag)
  const before = await tag()
  expect(await tag()).toBe(before)
  const { text } = await api().get('/api/parts').set('if-none-match', before).expect(304)
  expect(text).toBe('')
  const changes: (() => Promise<unknown>)[] = [
    () =>
      api()
        .put('/api/parts/mine-fresh')
        .send({ sheet: fan('Fresh').sheet })
        .expect(200),
    () => api().put('/api/parts/mine-fresh/owned').send({ ownedPieces: 2 }).expect(200),
    () => api().delete('/api/parts/mine-fresh').send({}).expect(204),
    () => server.database.query(`UPDATE part SET owned_pieces = 3 WHERE slug = 'brisk-120'`),
  ]
  const seen = new Set([before])
  for (const change of changes) {
    await change()
    const last = [...seen].at(-1) ?? ''
    const { headers } = await api().get('/api/parts').set('if-none-match', last).expect(200)
    seen.add(String(headers.etag))
  }
  expect(seen.size).toBe(changes.length + 1)
  expect((await find('brisk-120'))?.ownedPieces).toBe(3)
  expect(await find('mine-fresh')).toBeUndefined()
})

test('the catalogue comes in pages', async () => {
  const parts = Array.from({ length: 500 }, (_, at) => fan(`Page${String(at).padStart(3, '0')}`))
  await api().post('/api/parts/take-in').send({ parts }).expect(200)
  const slugs: string[] = []
  let [next, pages]: [string | null, number] = ['', 0]
  while (next !== null) {
    const { body } = await api()
      .get('/api/parts')
      .query(next ? { after: next } : {})
      .expect(200)
    const page = body as PartPage
    slugs.push(...page.parts.map(({ slug }) => slug))
    next = page.next
    pages += 1
  }
  expect(pages).toBe(2)
  expect(new Set(slugs).size).toBe(slugs.length)
  expect(slugs).toEqual(expect.arrayContaining(parts.map(({ slug }) => slug)))
  await api().get('/api/parts?after=a&after=b').expect(400)
  await api().get('/api/parts?befor=a').expect(400)
})
