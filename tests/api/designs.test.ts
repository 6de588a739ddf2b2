import { MOST_UNANSWERED } from '@flint/contract'
import type {
  PartPage,
  ProblemDocument,
  RemovedDesign,
  RevisionSummary,
  SetAsideSummary,
  ShelfPage,
  StoredDesign,
} from '@flint/contract'
import { type Design, newDesign, renameDesign } from '@flint/core/editing'
import request from 'supertest'
import { startTestServer, type TestServer } from '../support/testServer'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.stop())

const api = () => request(server.app)
const create = async (document: Design = newDesign('Test')): Promise<StoredDesign> =>
  (await api().post('/api/designs').send({ document }).expect(201)).body as StoredDesign
const save = (id: string, basedOnRevision: number, document: unknown) =>
  api().put(`/api/designs/${id}`).send({ basedOnRevision, document })
const read = async (id: string): Promise<StoredDesign> =>
  (await api().get(`/api/designs/${id}`).expect(200)).body as StoredDesign

describe('saving', () => {
  test('every save is a new revision, and the old ones can be read', async () => {
    const { id, document } = await create()
    for (const [index, name] of ['One', 'Two'].entries()) {
      const { body } = await save(id, index + 1, renameDesign(document, name)).expect(200)
      expect(body).toMatchObject({ id, revision: index + 2, document: { name } })
    }
    const { body: revisions } = await api().get(`/api/designs/${id}/revisions`).expect(200)
    expect(revisions).toMatchObject([
      { revision: 3, name: 'Two' },
      { revision: 2, name: 'One' },
      { revision: 1, name: 'Test' },
    ])
    const { body: first } = await api().get(`/api/designs/${id}/revisions/1`).expect(200)
    expect(first).toMatchObject({ revision: 1, document: { name: 'Test' } })
  })

  test('a revision says what was done in it, and a save need not', async () => {
    const { id, document } = await create()
    const said = {
      basedOnRevision: 1,
      document: renameDesign(document, 'One'),
      what: 'rename the design',
    }
    await api().put(`/api/designs/${id}`).send(said).expect(200)
    await save(id, 2, renameDesign(document, 'Two')).expect(200)
    const { body: revisions } = await api().get(`/api/designs/${id}/revisions`).expect(200)
    expect(revisions).toMatchObject([{ what: null }, { what: 'rename the design' }, { what: null }])
    const long = {
      basedOnRevision: 3,
      document: renameDesign(document, 'Three'),
      what: 'x'.repeat(301),
    }
    const { body } = await api().put(`/api/designs/${id}`).send(long).expect(400)
    expect(JSON.stringify(body)).toContain('what must be at most 300 characters long.')
  })

  test('a save that came too late is told, with both sides, and both are kept', async () => {
    const { id, document } = await create()
    await save(id, 1, renameDesign(document, 'Theirs')).expect(200)
    const { body, headers } = await save(id, 1, renameDesign(document, 'Mine')).expect(409)
    const { conflict } = body as ProblemDocument
    expect(headers['content-type']).toContain('application/problem+json')
    expect(conflict).toMatchObject({
      stored: { revision: 2, document: { name: 'Theirs' } },
      yours: { name: 'Mine' },
    })
    expect((await read(id)).document.name).toBe('Theirs')
    const aside = await server.database.query<{ name: string }[]>(
      `SELECT document ->> 'name' AS name FROM design_set_aside WHERE id = $1`,
      [conflict?.setAsideId],
    )
    expect(aside).toEqual([{ name: 'Mine' }])
  })

  test('the same late save sent again is not kept twice', async () => {
    const { id, document } = await create()
    await save(id, 1, renameDesign(document, 'Theirs')).expect(200)
    const late = () => save(id, 1, renameDesign(document, 'Mine')).expect(409)
    const [one, two] = [await late(), await late()]
    const asideOf = ({ body }: { body: unknown }) => (body as ProblemDocument).conflict?.setAsideId
    expect(asideOf(one)).toBe(asideOf(two))
  })

  test('asking again after a lost answer is no conflict', async () => {
    const { id, document } = await create()
    const renamed = renameDesign(document, 'Renamed')
    await save(id, 1, renamed).expect(200)
    const { body } = await save(id, 1, renamed).expect(200)
    expect(body).toMatchObject({ revision: 2 })
  })

  describe('a save whose answer was lost', () => {
    const [lost, next, foreign] = [
      '6f1d4c1e-64f5-4b8c-9c1a-0d0f3a1b2c01',
      '6f1d4c1e-64f5-4b8c-9c1a-0d0f3a1b2c02',
      '6f1d4c1e-64f5-4b8c-9c1a-0d0f3a1b2c03',
    ] as const
    const attempt = (id: string, document: Design, more: object) =>
      api()
        .put(`/api/designs/${id}`)
        .send({ basedOnRevision: 1, document, ...more })

    test('is no conflict with what the same window saves after it', async () => {
      const { id, document } = await create()
      await attempt(id, renameDesign(document, 'Lo'), { saveId: lost }).expect(200)
      const { body } = await attempt(id, renameDesign(document, 'Loft'), {
        saveId: next,
        unanswered: [lost],
      }).expect(200)
      expect(body).toMatchObject({ revision: 3, document: { name: 'Loft' } })
    })

    test('is one when another window saved between, before or after it', async () => {
      for (const order of [
        [lost, foreign],
        [foreign, lost],
      ]) {
        const { id, document } = await create()
        for (const [at, saveId] of order.entries()) {
          const named = renameDesign(document, `Name ${at}`)
          await attempt(id, named, { saveId, basedOnRevision: at + 1 }).expect(200)
        }
        const late = { saveId: next, unanswered: [lost] }
        await attempt(id, renameDesign(document, 'Late'), late).expect(409)
      }
    })

    test('ids are UUIDs, and not more than are taken', async () => {
      const { id, document } = await create()
      for (const more of [
        { saveId: 'x' },
        { unanswered: ['x'] },
        { unanswered: Array(MOST_UNANSWERED + 1).fill(lost) },
      ]) {
        await attempt(id, document, more).expect(400)
      }
    })
  })

  test('who has the document need not be sent it again', async () => {
    const { id, document } = await create(newDesign('Minimal'))
    const { body, headers } = await save(id, 1, renameDesign(document, 'Told'))
      .set('prefer', 'respond-async, return=minimal')
      .expect(200)
    expect(body).toEqual({ id, revision: 2, savedAt: expect.any(String) as string })
    expect(headers['preference-applied']).toBe('return=minimal')
    const { body: whole } = await save(id, 2, renameDesign(document, 'Whole')).expect(200)
    expect(whole).toMatchObject({ id, revision: 3, document: { name: 'Whole' } })
    // Who was overtaken is told both sides all the same.
    const { body: late } = await save(id, 1, renameDesign(document, 'Late'))
      .set('prefer', 'return=minimal')
      .expect(409)
    expect(late).toMatchObject({ conflict: { stored: { document: { name: 'Whole' } } } })
  })

  test('of many saves at once from the same revision, one wins and none is lost', async () => {
    const { id, document } = await create()
    const answers = await Promise.all(
      ['a', 'b', 'c', 'd', 'e'].map((name) => save(id, 1, renameDesign(document, name))),
    )
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409])
    const rows = await server.database.query<{ count: string }[]>(
      'SELECT count(*) FROM design_set_aside WHERE design_id = $1',
      [id],
    )
    expect(rows).toEqual([{ count: '4' }])
  })
})

describe('what is refused leaves the stored document untouched', () => {
  const good = newDesign('Good')
  const cases: [string, unknown, string][] = [
    ['an unknown field beside it', { basedOnRevision: 1, document: good, extra: 1 }, 'extra'],
    ['no revision', { document: good }, 'basedOnRevision'],
    ['a revision that is text', { basedOnRevision: '1', document: good }, 'basedOnRevision'],
    ['no document', { basedOnRevision: 1 }, 'document'],
    [
      'an unknown field inside',
      { basedOnRevision: 1, document: { ...good, colour: 1 } },
      'document.colour',
    ],
    [
      'a field of the wrong kind',
      { basedOnRevision: 1, document: { ...good, brief: { ...good.brief, horizonYears: 'two' } } },
      'document.brief.horizonYears',
    ],
    [
      'a reference to nothing',
      {
        basedOnRevision: 1,
        document: {
          ...good,
          fitted: [
            {
              id: 'drive-1',
              snapshotId: 'sheet-1',
              owned: false,
              bay: null,
              label: '',
              ageYears: null,
            },
          ],
        },
      },
      'document.fitted[0].snapshotId',
    ],
  ]
  test.each(cases)('%s', async (_name, body, field) => {
    const { id } = await create(good)
    const answer = await api()
      .put(`/api/designs/${id}`)
      .send(body as object)
      .expect(400)
    const problem = answer.body as ProblemDocument
    expect(problem.errors?.map((error) => error.field)).toContain(field)
    expect(problem.detail).toMatch(/\.$/)
    expect(await read(id)).toMatchObject({ revision: 1, document: good })
  })

  test('a change without a body is one only where something is deleted', async () => {
    const { id } = await create(good)
    await api().delete(`/api/designs/${id}`).expect(204)
    await api().get(`/api/designs/${id}`).expect(404)
    await api().post('/api/designs').expect(415)
    const other = await create(good)
    await api().put(`/api/designs/${other.id}`).expect(415)
    await api()
      .delete(`/api/designs/${other.id}`)
      .set('content-type', 'text/plain')
      .send('{}')
      .expect(415)
  })

  test('what is not JSON, not an object, not declared as JSON, or too large', async () => {
    const { id } = await create(good)
    const put = () => api().put(`/api/designs/${id}`)
    await put().set('content-type', 'application/json').send('{').expect(400)
    await put().set('content-type', 'application/json').send('[]').expect(400)
    await put().set('content-type', 'text/plain').send('{}').expect(415)
    const large = { basedOnRevision: 1, document: { ...good, notes: 'x'.repeat(3_000_000) } }
    const answer = await put().send(large).expect(413)
    expect((answer.body as ProblemDocument).detail).toContain('2 MB')
    expect((await read(id)).revision).toBe(1)
  })

  test('addresses that lead nowhere', async () => {
    const none = '00000000-0000-4000-8000-000000000000'
    for (const path of ['designs/abc', `designs/${none}`, `designs/${none}/revisions`, 'nothing']) {
      const { body } = await api().get(`/api/${path}`).expect(404)
      expect((body as ProblemDocument).status).toBe(404)
    }
    const { id } = await create()
    for (const revision of ['0', '2', 'one', '99999999999']) {
      await api().get(`/api/designs/${id}/revisions/${revision}`).expect(404)
    }
  })
})

test('a design taken off the shelf can be put back', async () => {
  const { id } = await create(newDesign('Gone'))
  const names = async (): Promise<string[]> => {
    const { body } = await api().get('/api/designs').expect(200)
    return (body as ShelfPage).rows.map(({ name }) => name)
  }
  await api().delete(`/api/designs/${id}`).send({}).expect(204)
  expect(await names()).not.toContain('Gone')
  await api().get(`/api/designs/${id}`).expect(404)
  await save(id, 1, newDesign('Changed')).expect(404)
  await api().post(`/api/designs/${id}/return`).send({}).expect(200)
  expect(await names()).toContain('Gone')
})

describe('ways back', () => {
  test('versions set aside are listed and read, newest first', async () => {
    const { id, document } = await create()
    await save(id, 1, renameDesign(document, 'Theirs')).expect(200)
    await save(id, 1, renameDesign(document, 'Mine')).expect(409)
    await save(id, 1, renameDesign(document, 'Mine later')).expect(409)
    const { body } = await api().get(`/api/designs/${id}/set-aside`).expect(200)
    expect(body).toMatchObject([
      { basedOnRevision: 1, name: 'Mine later' },
      { basedOnRevision: 1, name: 'Mine' },
    ])
    const [, mine] = body as SetAsideSummary[]
    const path = `/api/designs/${id}/set-aside/${mine?.id ?? ''}`
    const { body: whole } = await api().get(path).expect(200)
    expect(whole).toMatchObject({ ...mine, document: { name: 'Mine' } })
    // Of another design it is not there.
    const other = await create()
    await api().get(path.replace(id, other.id)).expect(404)
    await api().get(`/api/designs/${id}/set-aside/x`).expect(404)
  })

  test('revisions come a hundred at a time', async () => {
    const { id } = await create()
    await server.database.query(
      `INSERT INTO design_revision (design_id, revision, document)
       SELECT design_id, number, document FROM design_revision, generate_series(2, 250) AS number
       WHERE design_id = $1`,
      [id],
    )
    const page = async (before?: number): Promise<number[]> => {
      const { body } = await api()
        .get(`/api/designs/${id}/revisions`)
        .query(before ? { before } : {})
        .expect(200)
      return (body as RevisionSummary[]).map(({ revision }) => revision)
    }
    const [first, second, third] = [await page(), await page(151), await page(51)]
    expect([first.length, first[0], first.at(-1)]).toEqual([100, 250, 151])
    expect([second.length, second[0]]).toEqual([100, 150])
    expect([third.length, third.at(-1)]).toEqual([50, 1])
    expect(await page(1)).toEqual([])
    for (const odd of ['x', '1.5', '-1e12', '1e12', '']) {
      await api().get(`/api/designs/${id}/revisions?before=${odd}`).expect(400)
    }
  })

  test('removed designs are listed until they are put back', async () => {
    const { id, document } = await create(newDesign('Taken off'))
    await save(id, 1, renameDesign(document, 'Taken off, renamed')).expect(200)
    await api().delete(`/api/designs/${id}`).send({}).expect(204)
    const removed = async () =>
      ((await api().get('/api/removed-designs').expect(200)).body as RemovedDesign[]).find(
        (one) => one.id === id,
      )
    expect(await removed()).toMatchObject({ name: 'Taken off, renamed' })
    await api().post(`/api/designs/${id}/return`).send({}).expect(200)
    expect(await removed()).toBeUndefined()
  })
})

test('a document is read by this build once; what another one stored is read until it is saved again', async () => {
  const { id, document } = await create(newDesign('Read once'))
  const tamper = (checkedBy: string | null) =>
    server.database.query(
      `UPDATE design_revision SET document = document - 'notes', checked_by = $2 WHERE design_id = $1`,
      [id, checkedBy],
    )
  const read = async (): Promise<Design> =>
    ((await api().get(`/api/designs/${id}`).expect(200)).body as StoredDesign).document
  const [row] = await server.database.query<{ by: string }[]>(
    `SELECT checked_by AS by FROM design_revision WHERE design_id = $1`,
    [id],
  )
  // A field that is missing shows whether it was read: reading refuses it.
  await tamper(row?.by ?? null)
  expect(await read()).not.toHaveProperty('notes')
  for (const other of ['another build', null]) {
    await tamper(other)
    await api().get(`/api/designs/${id}`).expect(422)
  }
  await save(id, 1, renameDesign(document, 'Read again')).expect(200)
  expect(await read()).toMatchObject({ name: 'Read again', notes: '' })
})

describe('what a newer Flint Shelf has made', () => {
  test('a design is named and can be taken along; the others are there; it is not opened, and stays a revision', async () => {
    const { id, document } = await create(newDesign('Of tomorrow'))
    await server.database.query(
      `UPDATE design_revision SET document = document || '{"version": 99, "more": true}', checked_by = NULL WHERE design_id = $1`,
      [id],
    )
    await server.database.query(`UPDATE design_summary SET made_by = 'another build'`)
    await server.house.summaries.fillIn()
    const { body } = await api().get('/api/designs').query({ find: 'tomorrow' }).expect(200)
    expect(body).toMatchObject({
      total: 1,
      rows: [
        {
          name: 'Of tomorrow',
          unread:
            'It was made by a newer Flint Shelf: its document version is 99, and 14 is the newest read here.',
          isPending: false,
        },
      ],
    })
    const { body: taken } = await api().get(`/api/designs/${id}/document`).expect(200)
    expect(taken).toMatchObject({ version: 99, more: true })
    const all = (await api().get('/api/designs').expect(200)).body as ShelfPage
    expect(all.rows.filter(({ unread }) => unread === null).length).toBeGreaterThanOrEqual(3)
    const { body: refused } = await api().get(`/api/designs/${id}`).expect(422)
    expect((refused as ProblemDocument).detail).toContain('Of tomorrow cannot be read.')
    await save(id, 1, renameDesign(document, 'Mine')).expect(200)
    await api().get(`/api/designs/${id}/revisions/1`).expect(422)
  })

  test('a part of an unknown kind is named, and the catalogue is there', async () => {
    await server.database.query(
      `INSERT INTO part (slug, version, origin, sheet) VALUES ('of-tomorrow', 1, 'own', $1)`,
      [{ kind: 'thinking machine', maker: 'Nobody', model: 'Thinker' }],
    )
    const { body } = await api().get('/api/parts').expect(200)
    expect((body as PartPage).parts.length).toBeGreaterThan(50)
    await api()
      .get('/api/parts/unread')
      .expect(200, [{ slug: 'of-tomorrow', name: 'Nobody Thinker' }])
    await api().put('/api/parts/of-tomorrow/owned').send({ ownedPieces: 1 }).expect(422)
  })
})
