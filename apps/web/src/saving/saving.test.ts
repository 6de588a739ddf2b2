import { type Design, newDesign, renameDesign } from '@flint/core/editing'
import { edited, minePutOnTop, opened, closed, theirsTaken, undone } from '../store/sheetSlice'
import { makeStore } from '../store/store'
import { KeptCopies } from './keptCopies'
import { startSaver } from './saver'

const PAUSES = { beforeSavingMs: 2, afterFailureMs: 4 }
const ID = 'design-1'

/** A browser's storage, as far as the copies use it. */
class MemoryStorage implements Storage {
  [key: string]: unknown
  get length(): number {
    return Object.keys(this).length
  }
  clear(): void {
    for (const key of Object.keys(this)) this.removeItem(key)
  }
  key(index: number): string | null {
    return Object.keys(this)[index] ?? null
  }
  getItem(key: string): string | null {
    return (this[key] as string | undefined) ?? null
  }
  setItem(key: string, value: string): void {
    this[key] = value
  }
  removeItem(key: string): void {
    Reflect.deleteProperty(this, key)
  }
}

class FullStorage extends MemoryStorage {
  override setItem(): void {
    throw new Error('QuotaExceededError')
  }
}

interface SentSave {
  basedOnRevision: number
  document: Design
}

/** A server with one design, that can be gone. */
class FakeServer {
  revision = 1
  document = newDesign('Start')
  gone = false
  sent: SentSave[] = []

  readonly answer = async (input: RequestInfo | URL): Promise<Response> => {
    const save = (await (input as Request).json()) as SentSave
    this.sent.push(save)
    if (this.gone) throw new TypeError('fetch failed')
    if (save.basedOnRevision !== this.revision) {
      const conflict = { stored: this.stored(), yours: save.document, setAsideId: 'aside-1' }
      return Response.json({ status: 409, detail: 'Both are kept.', conflict }, { status: 409 })
    }
    this.saveFrom(save.document)
    return Response.json(this.stored())
  }

  saveFrom(design: Design): void {
    this.revision += 1
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

function setUp(storage: Storage = new MemoryStorage()) {
  const server = new FakeServer()
  globalThis.fetch = server.answer
  // Requests of a page are relative to it; outside a browser there is no page.
  globalThis.Request = class extends RealRequest {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://shelf.test') : input, init)
    }
  }
  const copies = new KeptCopies(storage, 'window-1', () => Promise.resolve(new Set<string>()))
  const store = makeStore()
  stop = startSaver(store, copies, PAUSES)
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
  return { server, copies, store, storage, sheet, rename, until, saveKind }
}

test('an edit is kept here at once, saved after a pause, and then no longer kept', async () => {
  const { server, copies, rename, until, saveKind, sheet } = setUp()
  rename('Loft')
  expect((await copies.take(ID))?.document.name).toBe('Loft')
  await until(() => saveKind() === 'saved')
  expect([server.revision, server.document.name, sheet()?.baseRevision]).toEqual([2, 'Loft', 2])
  expect(await copies.take(ID)).toBeNull()
})

test('while the server is gone work is kept and tried again', async () => {
  const { server, copies, rename, until, saveKind, sheet } = setUp()
  server.gone = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(sheet()?.save).toMatchObject({ here: true, reason: 'The server does not answer.' })
  expect((await copies.take(ID))?.document.name).toBe('Loft')
  server.gone = false
  await until(() => saveKind() === 'saved')
  expect(server.document.name).toBe('Loft')
})

test('a browser that refuses to keep work is not said to keep it', async () => {
  const { server, rename, until, saveKind, sheet } = setUp(new FullStorage())
  server.gone = true
  rename('Loft')
  await until(() => saveKind() === 'unsaved')
  expect(sheet()?.save).toMatchObject({ here: false })
})

test('undoing back to what is stored leaves nothing to save', async () => {
  const { server, copies, rename, store, saveKind } = setUp()
  server.gone = true
  rename('Loft')
  store.dispatch(undone())
  expect(saveKind()).toBe('saved')
  expect(await copies.take(ID)).toBeNull()
  await new Promise((resolve) => setTimeout(resolve, 20))
  expect(server.sent).toEqual([])
})

test('edits while a save is under way are saved after it, from its revision', async () => {
  const { server, rename, until, saveKind } = setUp()
  rename('One')
  await until(() => server.sent.length === 1)
  rename('Two')
  await until(() => saveKind() === 'saved' && server.document.name === 'Two')
  expect(server.sent.map(({ basedOnRevision }) => basedOnRevision)).toEqual([1, 2])
})

test('leaving the sheet does not lose the last edit', async () => {
  const { server, rename, store, until } = setUp()
  rename('Loft')
  store.dispatch(closed())
  await until(() => server.document.name === 'Loft')
})

describe('a conflict', () => {
  async function conflicted() {
    const house = setUp()
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
    expect((await copies.take(ID))?.document.name).toBe('Mine, more')
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
    expect(await copies.take(ID)).toBeNull()
    store.dispatch(undone())
    expect(sheet()?.history.present.name).toBe('Mine')
    await until(() => server.document.name === 'Mine')
  })
})

describe('copies of several windows', () => {
  const copy = { document: newDesign('Kept'), baseRevision: 1 }

  test('one left behind is taken up once, one of a living window is left alone', async () => {
    const storage = new MemoryStorage()
    const live = () => Promise.resolve(new Set(['b']))
    new KeptCopies(storage, 'a', live).keep(ID, copy)
    new KeptCopies(storage, 'b', live).keep('design-2', copy)
    const mine = new KeptCopies(storage, 'c', live)
    expect(await mine.take(ID)).toEqual(copy)
    expect(await mine.take('design-2')).toBeNull()
    expect(
      await new KeptCopies(storage, 'd', () => Promise.resolve(new Set(['b', 'c']))).take(ID),
    ).toBeNull()
  })

  test('what is no copy is passed over', async () => {
    const storage = new MemoryStorage()
    storage.setItem(`flint-shelf/unsaved/${ID}/x`, '{"document":')
    storage.setItem(`flint-shelf/unsaved/${ID}/y`, '[]')
    const copies = new KeptCopies(storage, 'a', () => Promise.resolve(new Set<string>()))
    expect(await copies.take(ID)).toBeNull()
  })
})
