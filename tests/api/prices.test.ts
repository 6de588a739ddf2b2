import type {
  Everything,
  PartPage,
  PartPriceFigures,
  PricePage,
  StoredPrice,
  WatchedPart,
} from '@flint/contract'
import request from 'supertest'
import { PriceStore } from '../../apps/server/src/prices/priceStore'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
/** Those that the demo brings. */
let demoPrices: StoredPrice[]
beforeEach(async () => {
  server = await startTestServer()
  demoPrices = (await page()).prices
  await server.database.query('DELETE FROM price')
})
afterEach(async () => {
  await server.stop()
})

const api = () => request(server.app)
const price = (change: object = {}) => ({
  slug: 'quillon-keep-12',
  seenOn: '2026-11-20',
  currency: 'EUR',
  unitMinor: 18_900,
  ...change,
})
const send = async (...prices: object[]): Promise<StoredPrice[]> =>
  ((await api().post('/api/prices').send({ prices }).expect(201)).body as PricePage).prices
const page = async (query = ''): Promise<PricePage> =>
  (await api().get(`/api/prices${query}`).expect(200)).body as PricePage

test('a price is kept with what was said of it, and nothing that was not', async () => {
  const { body } = await api()
    .post('/api/prices')
    .send(price({ shippingMinor: 490, condition: 'used', shop: 'Corner' }))
    .expect(201)
  const [kept] = (body as PricePage).prices
  expect(kept).toMatchObject({ unitMinor: 18_900, shippingMinor: 490, condition: 'used', link: '' })
  await send(price({ seenOn: '2026-11-21' }))
  expect((await page('?slug=quillon-keep-12')).prices[0]).toEqual({
    number: expect.any(String) as string,
    ...price({ seenOn: '2026-11-21' }),
    shippingMinor: null,
    condition: 'new',
    shop: '',
    link: '',
  })
  expect(await page('?slug=another')).toEqual({ prices: [], total: 0 })
})

test('sums of more than 32 bits come back as they were', async () => {
  const [kept] = await send(price({ unitMinor: 100_000_000_000 }))
  expect(kept?.unitMinor).toBe(100_000_000_000)
  expect((await page()).prices[0]?.unitMinor).toBe(100_000_000_000)
})

test('a price that is kept already is not kept again', async () => {
  expect(await send(price(), price())).toHaveLength(1)
  expect(await send(price(), price({ shop: 'Corner' }))).toHaveLength(1)
  expect((await page()).total).toBe(2)
})

test.each([
  ['slug', { slug: 'Not A Slug' }],
  ['seenOn', { seenOn: '20.11.2026' }],
  ['seenOn', { seenOn: '2026-13-01' }],
  ['currency', { currency: 'euro' }],
  ['unitMinor', { unitMinor: -1 }],
  ['unitMinor', { unitMinor: 1.5 }],
  ['shippingMinor', { shippingMinor: 'free' }],
  ['condition', { condition: 'worn' }],
  ['shop', { shop: 'x'.repeat(121) }],
])('what is wrong is named by its field: %s', async (field, change) => {
  const { body } = await api()
    .post('/api/prices')
    .send({ prices: [price(), price(change)] })
    .expect(400)
  expect((body as { errors: { field: string }[] }).errors[0]?.field).toBe(`prices.1.${field}`)
  expect((await page()).total).toBe(0)
})

test('a day that no calendar has is refused, not a fault of the server', async () => {
  await api()
    .post('/api/prices')
    .send(price({ seenOn: '2026-02-30' }))
    .expect(400)
})

const figures = async (query: string): Promise<PartPriceFigures> =>
  (await api().get(`/api/prices/figures?slug=quillon-keep-12${query}`).expect(200))
    .body as PartPriceFigures

test('the demo has prices of parts that its catalogue knows, and restoring it keeps none twice', async () => {
  expect(demoPrices.length).toBeGreaterThan(10)
  const { body } = await api().get('/api/parts').expect(200)
  const slugs = new Set((body as PartPage).parts.map(({ slug }) => slug))
  for (const { slug } of demoPrices) expect(slugs).toContain(slug)
  await api().post('/api/demo/restore').send({}).expect(204)
  await api().post('/api/demo/restore').send({}).expect(204)
  expect((await page()).total).toBe(demoPrices.length)
})

test('figures are of all prices of a part, in one currency, one state and one window', async () => {
  const days = Array.from({ length: 1_200 }, (_, at) =>
    new Date(Date.UTC(2023, 0, 1 + at)).toISOString().slice(0, 10),
  )
  const all = days.map((seenOn, at) => price({ seenOn, unitMinor: 30_000 - at }))
  await send(...all.slice(0, 1_000))
  await send(...all.slice(1_000))
  await send(price({ currency: 'USD' }), price({ condition: 'used', unitMinor: 9_000 }))
  const [asNew, used] = (await figures('&currency=EUR')).of
  expect(asNew?.figures).toMatchObject({ count: 1_200, lowest: { unitMinor: 28_801 } })
  // Falling by a cent a day, thirty cents a month.
  expect(asNew?.figures?.trendMinorPerMonth).toBeCloseTo(-30, 6)
  expect(asNew?.byDay).toHaveLength(1_200)
  expect(used).toMatchObject({ condition: 'used', figures: { count: 1 } })
  const window = await figures(`&currency=EUR&from=${days[1_190] ?? ''}`)
  expect(window.of.map((one) => one.figures?.count)).toEqual([10, 1])
  expect(await figures('&currency=CHF')).toEqual({ currency: 'CHF', of: [] })
  // Without a currency it is that of the target.
  await api()
    .put('/api/prices/targets/quillon-keep-12')
    .send({ currency: 'USD', targetMinor: 20_000 })
  expect(await figures('')).toMatchObject({
    currency: 'USD',
    of: [{ figures: { isAtTarget: true } }],
  })
  await api().get('/api/prices/figures?slug=No').expect(400)
  await api().get('/api/prices/figures?slug=a&from=soon').expect(400)
})

test('a target is set, changed and taken back, and parts are watched', async () => {
  const target = (body: object) => api().put('/api/prices/targets/quillon-keep-12').send(body)
  await target({ currency: 'EUR', targetMinor: 17_000 }).expect(204)
  await target({ currency: 'EUR', targetMinor: 17_500 }).expect(204)
  await send(price({ seenOn: '2026-11-22', unitMinor: 17_400 }), price())
  await send(price({ slug: 'siltstone-16', unitMinor: 4_200 }))
  const watched = (await api().get('/api/prices/watched').expect(200)).body as WatchedPart[]
  expect(watched).toMatchObject([
    {
      slug: 'quillon-keep-12',
      target: { currency: 'EUR', targetMinor: 17_500 },
      count: 2,
      // The newest day, not what was kept last.
      last: { seenOn: '2026-11-22', unitMinor: 17_400 },
    },
    { slug: 'siltstone-16', target: null, count: 1 },
  ])
  await target({ currency: 'EUR', targetMinor: null }).expect(204)
  const after = (await api().get('/api/prices/watched').expect(200)).body as WatchedPart[]
  expect(after[0]?.target).toBeNull()
  await api()
    .put('/api/prices/targets/Not%20A%20Slug')
    .send({ currency: 'EUR', targetMinor: 1 })
    .expect(404)
})

test('one is removed, by its number alone', async () => {
  const [kept] = await send(price())
  await api().delete('/api/prices/x').send({}).expect(404)
  await api()
    .delete(`/api/prices/${kept?.number ?? ''}`)
    .send({})
    .expect(204)
  await api()
    .delete(`/api/prices/${kept?.number ?? ''}`)
    .send({})
    .expect(404)
  expect((await page()).total).toBe(0)
})

test('many are paged, written to a file, and taken along with everything', async () => {
  const day = (at: number): string => `2026-${String((at % 12) + 1).padStart(2, '0')}-15`
  const many = Array.from({ length: 1_000 }, (_, at) => price({ seenOn: day(at), unitMinor: at }))
  expect(await send(...many)).toHaveLength(1_000)
  await send(price({ shop: '=1+1' }))
  const first = await page()
  expect([first.total, first.prices.length]).toEqual([1_001, 1_000])
  const second = await page(`?before=${first.prices.at(-1)?.number ?? ''}`)
  expect(second.prices).toMatchObject([{ unitMinor: 0 }])
  const { text } = await api().get('/api/prices.csv').expect(200)
  const lines = text.trim().split('\r\n')
  expect(lines).toHaveLength(1_002)
  expect(lines[0]).toBe('part,seenOn,currency,price,shipping,condition,shop,link')
  expect(lines.at(-1)).toContain(`"'=1+1"`)
  const everything = (await api().get('/api/everything').expect(200)).body as Everything
  expect(everything.prices).toHaveLength(1_001)
})

test('a house that is full says so, and keeps none of them', async () => {
  const store = new PriceStore(server.database, 1)
  await expect(store.keep([price(), price({ unitMinor: 1 })])).rejects.toMatchObject({
    document: { status: 409 },
  })
  expect((await page()).total).toBe(0)
})
