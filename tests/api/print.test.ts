import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { ShelfPage, StoredDesign } from '@flint/contract'
import { newDesign, parseDesign } from '@flint/core/editing'
import { billOfMaterials } from '@flint/core/figures'
import request from 'supertest'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(async () => {
  await server.stop()
})
const api = () => request(server.app)

/** The words of a PDF, read by another library, which does not run among these tests. */
function textOf(pdf: Buffer): string {
  const folder = mkdtempSync(join(tmpdir(), 'flint-pdf-'))
  const path = join(folder, 'list.pdf')
  writeFileSync(path, pdf)
  const { stdout, stderr, status } = spawnSync(
    'node',
    [join(import.meta.dirname, '..', 'support', 'pdfText.mjs'), path],
    { encoding: 'utf8', env: { ...process.env, NODE_OPTIONS: '' } },
  )
  rmSync(folder, { recursive: true })
  if (status !== 0) throw new Error(stderr)
  return stdout.replaceAll(/\s+/g, ' ')
}

const pdfOf = async (id: string, query = '', name = 'parts.pdf'): Promise<Buffer> => {
  const { body } = await api()
    .get(`/api/designs/${id}/${name}${query}`)
    .buffer(true)
    .parse((response, done) => {
      const chunks: Buffer[] = []
      response.on('data', (chunk: Buffer) => chunks.push(chunk))
      response.on('end', () => {
        done(null, Buffer.concat(chunks))
      })
    })
    .expect(200)
    .expect('content-type', 'application/pdf')
  return body as Buffer
}

test('the part list on paper has every line of the bill, its sum, what is found, and the cables', async () => {
  const { rows } = (await api().get('/api/designs').expect(200)).body as ShelfPage
  const row = rows.find(({ name }) => name === 'Cabin archive')
  const text = textOf(await pdfOf(row?.id ?? ''))
  const raw: unknown = JSON.parse(
    readFileSync(join('demo', 'designs', 'cabin-archive.json'), 'utf8'),
  )
  const parsed = parseDesign(raw)
  if (!('design' in parsed)) throw new Error('the demo cannot be read')
  const bill = billOfMaterials('EUR', parsed.design)
  for (const { name, sumMinor, pieces } of bill.lines) {
    expect(text).toContain(name)
    if (pieces > 0)
      expect(text).toContain(
        `€${((sumMinor ?? 0) / 100).toLocaleString('en', { minimumFractionDigits: 2 })}`,
      )
  }
  expect(text).toContain('Together')
  expect(text).toContain('€2,265.20')
  expect(text).toContain('used, a club in the valley, 2027-03-01')
  expect(text).toMatch(/Found.*Cables/)
  expect(text).toContain('page 1 of')
})

test('digits are as their reader writes them, and an empty design is a page too', async () => {
  const { body } = await api()
    .post('/api/designs')
    .send({ document: newDesign('Leer <b>') })
    .expect(201)
  const text = textOf(await pdfOf((body as StoredDesign).id, '?locale=de-AT'))
  expect(text).toContain('Leer <b>')
  expect(text).toMatch(/Together at least € 0,00/)
  await api()
    .get(`/api/designs/${(body as StoredDesign).id}/parts.pdf?locale=%3Cx%3E`)
    .expect(400)
})

test('labels: a drive each with its bay, both ends of every cable, the leads', async () => {
  const { rows } = (await api().get('/api/designs').expect(200)).body as ShelfPage
  const id = rows.find(({ name }) => name === 'Cabin archive')?.id ?? ''
  const text = textOf(await pdfOf(id, '', 'labels.pdf'))
  for (let number = 1; number <= 12; number += 1) expect(text).toContain(`Bay ${number} Quillon`)
  expect(text.match(/Cable 1 Sixteen port 1 to backplane plug 1, bays 1 to 4/g)).toHaveLength(2)
  expect(text).toContain('lead 1 feeds backplane power plug 1')
})
