import { type Design, newDesign, renameDesign } from '@flint/core/editing'
import { edited, minePutOnTop, opened, closed, theirsTaken, undone } from '../store/sheetSlice'
import { makeStore } from '../store/store'
import 'fake-indexeddb/auto'
import { IDBFactory as FakeBrowser } from 'fake-indexeddb'
import { openDB } from 'idb'
import { type KeptCopies, openKeptCopies } from './keptCopies'
import { startSaver } from './saver'

const PAUSES = { beforeSavingMs: 2, afterFailureMs: 4 }
const ID = 'design-1'

/** The copies of a window in a browser that has this database. */
const copiesOf = (
  browser: IDBFactory | null,
  windowId = 'window-1',
  live: readonly string[] = [],
): Promise<KeptCopies> => {
  // Without a database, as in some private windows, asking for one fails.
  const refusing = {
    open: () => {
      throw new Error('SecurityError')
    },
  } as unknown as IDBFactory
  globalThis.indexedDB = browser ?? refusing
  return openKeptCopies(windowId, () => Promise.resolve(new Set(live)), null)
}

interface SentSave {
  basedOnRevision: number
  document: Design
  saveId: string
  unanswered: string[]
}

/** A server with one design, that can be gone. */
class FakeServer {
  revision = 1
  document = newDesign('Start')
  gone = false
  losesAnswers = false
  /** Stores it and cannot tell: its database went away in the middle. */
  isUnsure = false
  /** Answers so, whatever is sent. */
  status: number | null = null
  refuses = false
  conflicts = 0
  sent: SentSave[] = []
  readonly #saveIds: string[] = []

  readonly answer = async (input: RequestInfo | URL): Promise<Response> => {
    const save = (await (input as Request).json()) as SentSave
    this.sent.push(save)
    if (this.gone) throw new TypeError('fetch failed')
    if (this.status) {
      const { status } = this
      return Response.json({ status, detail: 'Sign in first.' }, { status })
    }
    if (this.refuses)
      return Response.json({ status: 400, detail: 'Not accepted.' }, { status: 400 })
    const since = this.#saveIds.slice(save.basedOnRevision - 1)
    const isOwn = since.every((id) => save.unanswered.includes(id))
    if (save.basedOnRevision !== this.revision && !isOwn) {
      this.conflicts += 1
      const conflict = { stored: this.stored(), yours: save.document, setAsideId: 'aside-1' }
      return Response.json({ status: 409, detail: 'Both are kept.', conflict }, { status: 409 })
    }
    this.saveFrom(save.document, save.saveId)
    if (this.losesAnswers) throw new TypeError('fetch failed')
    if (this.isUnsure) return Response.json({ status: 503, detail: 'Away.' }, { status: 503 })
    return Response.json(this.stored())
  }

  saveFrom(design: Design, saveId = 'of another window'): void {
    this.revision += 1
    this.#saveIds.push(saveId)
    this.document = design
  }

  stored() {
    return { id: ID, revision: this.revision, savedAt: '', document: this.document }
  }
}

const realFetch = globalThis.fetch
const RealRequest = globalThis.Request
let stop = (): void => undefined
afterEach(() => {
  stop()
  globalThis.fetch = realFetch
  globalThis.Request = RealRequest
})

async function setUp(browser: IDBFactory | null = new FakeBrowser(), pauses = PAUSES) {
  const server = new FakeServer()
  globalThis.fetch = server.answer
  // Requests of a page are relative to it; outside a browser there is no page.
  globalThis.Request = class extends RealRequest {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://shelf.test') : input, init)
    }
  }
  const copies = await copiesOf(browser)
  const store = makeStore()
  stop = startSaver(store, copies, pauses)
  store.dispatch(opened({ stored: server.stored(), kept: null }))
  const sheet = () => store.getState().sheet.open
  const rename = (name: string): void => {
    const present = sheet()?.history.present ?? server.document
    store.dispatch(edited({ label: 'rename', design: renameDesign(present, name) }))
  }
  const until = async (condition: () => boolean): Promise<void> => {
    for (let tries = 0; tries < 400 && !condition(); tries += 1) {
      await new Promise((resolve) => setTimeout(resolve, 5))
    }
    expect(condition()).toBe(true)
  }
  const saveKind = () => sheet()?.save.kind
  return { server, copies, store, sheet, rename, until, saveKind }
}

test('an edit is kept here at once, saved after a pause, and then no longer kept', async () => {
  const { server, copies, rename, until, saveKind, sheet } = await setUp(new FakeBrowser(), {
    ...PAUSES,
    beforeSavingMs: 100,
  })
  rename('Loft')
  expect((await copies.take(ID)).copy?.document.name).toBe('Loft')
  await until(() => saveKind() === 'saved')
  expect([server.revision, server.document.name, sheet()?.baseRevision]).toEqual([2, 'Loft', 2])
  expect((await copies.take(ID)).copy).toBeNull()
})

test('while the server is gone work is kept and tried again', async () => {
  const { server, copies, rename, until, saveKind, sheet } = await setUp()
  server.gone = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(sheet()?.save).toMatchObject({ here: 'kept', reason: 'The server does not answer.' })
  expect((await copies.take(ID)).copy?.document.name).toBe('Loft')
  server.gone = false
  await until(() => saveKind() === 'saved')
  expect(server.document.name).toBe('Loft')
})

test('a browser that refuses to keep work is not said to keep it', async () => {
  const { server, rename, until, saveKind, sheet } = await setUp(null)
  server.gone = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(sheet()?.save).toMatchObject({ here: 'refused' })
})

test('what the server refuses is kept, and sent again only when it is another document', async () => {
  const { server, copies, rename, until, saveKind, sheet } = await setUp()
  server.refuses = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(sheet()?.save).toMatchObject({ here: 'kept', reason: 'Not accepted.' })
  await new Promise((resolve) => setTimeout(resolve, 40))
  expect(server.sent).toHaveLength(1)
  expect((await copies.take(ID)).copy?.document.name).toBe('Loft')
  server.refuses = false
  rename('Lofts')
  await until(() => saveKind() === 'saved')
  expect(server.document.name).toBe('Lofts')
})

test('undoing back to what is stored leaves nothing to save', async () => {
  const { server, copies, rename, store, saveKind } = await setUp()
  server.gone = true
  rename('Loft')
  store.dispatch(undone())
  expect(saveKind()).toBe('saved')
  expect((await copies.take(ID)).copy).toBeNull()
  await new Promise((resolve) => setTimeout(resolve, 20))
  expect(server.sent).toEqual([])
})

test('edits while a save is under way are saved after it, from its revision', async () => {
  const { server, rename, until, saveKind } = await setUp()
  rename('One')
  await until(() => server.sent.length === 1)
  rename('Two')
  await until(() => saveKind() === 'saved' && server.document.name === 'Two')
  expect(server.sent.map(({ basedOnRevision }) => basedOnRevision)).toEqual([1, 2])
})

test('leaving the sheet does not lose the last edit', async () => {
  const { server, rename, store, until } = await setUp()
  rename('Loft')
  store.dispatch(closed())
  await until(() => server.document.name === 'Loft')
})

describe('a conflict', () => {
  async function conflicted() {
    const house = await setUp()
    house.server.saveFrom(renameDesign(house.server.document, 'Theirs'))
    house.rename('Mine')
    await house.until(() => house.saveKind() === 'conflict')
    return house
  }

  test('stops the saving, and edits go on being kept here', async () => {
    const { server, rename, copies } = await conflicted()
    rename('Mine, more')
    await new Promise((resolve) => setTimeout(resolve, 20))
    expect(server.sent).toHaveLength(1)
    expect((await copies.take(ID)).copy?.document.name).toBe('Mine, more')
  })

  test('put on top, mine becomes the next revision', async () => {
    const { server, store, until, saveKind } = await conflicted()
    store.dispatch(minePutOnTop())
    await until(() => saveKind() === 'saved')
    expect([server.revision, server.document.name]).toEqual([3, 'Mine'])
  })

  test('going on from theirs keeps mine one undo away', async () => {
    const { store, copies, sheet, until, server } = await conflicted()
    store.dispatch(theirsTaken())
    expect(sheet()?.history.present.name).toBe('Theirs')
    expect((await copies.take(ID)).copy).toBeNull()
    store.dispatch(undone())
    expect(sheet()?.history.present.name).toBe('Mine')
    await until(() => server.document.name === 'Mine')
  })
})

test('what is newer than the copy on the disk is not said to be kept', async () => {
  const { server, rename, until, saveKind, sheet } = await setUp()
  server.gone = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(sheet()?.save).toMatchObject({ here: 'kept' })
  rename('Lofts')
  expect(sheet()?.save).toMatchObject({ here: 'being kept' })
  await until(() => {
    const save = sheet()?.save
    return save?.kind === 'unsaved' && save.here === 'kept'
  })
})

test('of many edits in a row the last one is kept, soon', async () => {
  const { server, copies, rename } = await setUp()
  server.gone = true
  for (let at = 1; at <= 70; at += 1) rename(`Loft ${at}`)
  expect((await copies.take(ID)).copy?.document.name).toBe('Loft 70')
})

test('a save whose answer was lost is named by the next one, also after a reload', async () => {
  const { server, copies, rename, until, saveKind } = await setUp()
  server.losesAnswers = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(server.document.name).toBe('Loft')
  const [first] = server.sent
  const kept = (await copies.take(ID)).copy
  expect(kept?.unanswered).toContain(first?.saveId)
  rename('Lofts')
  server.losesAnswers = false
  await until(() => saveKind() === 'saved')
  expect([server.document.name, server.conflicts]).toEqual(['Lofts', 0])
  expect(server.sent.at(-1)?.unanswered).toContain(first?.saveId)
})

test('a save that the server is unsure of is no conflict with the next one', async () => {
  const { server, rename, until, saveKind } = await setUp()
  server.isUnsure = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  rename('Lofts')
  server.isUnsure = false
  await until(() => saveKind() === 'saved')
  expect([server.document.name, server.conflicts]).toEqual(['Lofts', 0])
})

test('who was signed out meanwhile has their work sent once they are in again', async () => {
  const { server, rename, until, saveKind, store } = await setUp()
  server.status = 401
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(store.getState().door.isSignedOut).toBe(true)
  server.status = null
  await until(() => saveKind() === 'saved')
  expect(server.document.name).toBe('Loft')
})

test('what somebody may only look at is neither kept nor sent, however it is changed', async () => {
  const { server, copies, rename, store, saveKind } = await setUp()
  store.dispatch(closed())
  store.dispatch(opened({ stored: server.stored(), kept: null, right: 'look' }))
  rename('Mine')
  await new Promise((resolve) => setTimeout(resolve, 40))
  expect(saveKind()).toBe('looking')
  expect(server.sent).toEqual([])
  expect((await copies.take(ID)).copy).toBeNull()
})

describe('copies of several windows', () => {
  const copy = { document: newDesign('Kept'), baseRevision: 1, unanswered: [] }

  test('one left behind is taken up once, one of a living window is left alone', async () => {
    const browser = new FakeBrowser()
    await (await copiesOf(browser, 'a', ['b'])).keep(ID, copy)
    await (await copiesOf(browser, 'b', ['b'])).keep('design-2', copy)
    const mine = await copiesOf(browser, 'c', ['b'])
    expect(await mine.take(ID)).toEqual({ copy, unread: [] })
    expect(await mine.take('design-2')).toEqual({ copy: null, unread: [] })
    expect(await (await copiesOf(browser, 'd', ['b', 'c'])).take(ID)).toEqual({
      copy: null,
      unread: [],
    })
    expect((await mine.all()).map(({ designId }) => designId).sort()).toEqual([ID, 'design-2'])
  })

  test('what cannot be read is left where it is until it is let go', async () => {
    const browser = new FakeBrowser()
    const mine = await copiesOf(browser, 'a')
    const newer = { document: { ...newDesign('Newer'), version: 99 }, baseRevision: 1 }
    const database = await openDB('flint-shelf', 1)
    await database.put('copies', { designId: ID, windowId: 'a', copy: newer })
    await database.put('copies', { designId: ID, windowId: 'b', copy: '{"document":' })
    expect(await mine.take(ID)).toEqual({ copy: null, unread: [newer, '{"document":'] })
    // The window keeps and drops its own work, as when it opens and saves.
    await mine.keep(ID, copy)
    await mine.drop(ID)
    expect((await mine.take(ID)).unread).toHaveLength(2)
    await mine.forgetUnread(ID)
    expect(await mine.take(ID)).toEqual({ copy: null, unread: [] })
  })

  test('work that an older Flint Shelf kept is moved over', async () => {
    const texts: Record<string, string> = {
      [`flint-shelf/unsaved/${ID}/old`]: JSON.stringify(copy),
      [`flint-shelf/unsaved/design-2/old`]: '{"document":',
      theme: 'dark',
    }
    const storage = Object.defineProperties(texts, {
      getItem: { value: (key: string) => texts[key] ?? null },
      removeItem: { value: (key: string) => Reflect.deleteProperty(texts, key) },
    }) as unknown as Storage
    globalThis.indexedDB = new FakeBrowser()
    const copies = await openKeptCopies('a', () => Promise.resolve(new Set<string>()), storage)
    expect((await copies.take(ID)).copy?.document.name).toBe('Kept')
    expect((await copies.take('design-2')).unread).toEqual(['{"document":'])
    expect(Object.keys(texts)).toEqual(['theme'])
  })
})
