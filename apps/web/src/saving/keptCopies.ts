import { parseDesign } from '@flint/core/editing'
import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import type { KeptCopy } from '../store/sheetSlice'
import { oldCopiesIn } from './oldCopies'

const DATABASE = 'flint-shelf'

interface KeptRow {
  designId: string
  windowId: string
  /** As it was written; an older or newer Flint Shelf may have done that. */
  copy: unknown
}

interface KeptSchema extends DBSchema {
  copies: { key: [designId: string, windowId: string]; value: KeptRow }
}

type KeptDatabase = IDBPDatabase<KeptSchema>

/** What is to be done for a design: a copy to keep, or none to be left; and who wants to know. */
interface Wish {
  copy: KeptCopy | null
  tell: ((isDone: boolean) => void)[]
}

/** What a browser had kept of a design. */
export interface Taken {
  copy: KeptCopy | null
  /** What is there and cannot be read; it stays where it is. */
  unread: unknown[]
}

/**
 * Copies of unsaved work in the browser's own database, one for each design and window.
 *
 * Every window has its own, so that two windows on one design cannot overwrite each other's work. A window holds a
 * lock of its name as long as it lives; a copy whose window is gone is taken up by the next one that opens the design.
 *
 * Writing is strict: what is said to be kept is on the disk, not on its way there. While one copy is written only the
 * newest of those that came since is waiting.
 */
export class KeptCopies {
  readonly #wishes = new Map<string, Wish>()
  #writing: Promise<void> | null = null

  constructor(
    /** Null where the browser has no database for pages, as in some private windows. */
    private readonly database: KeptDatabase | null,
    private readonly windowId: string,
    private readonly liveWindows: () => Promise<ReadonlySet<string>>,
  ) {}

  /** @returns true once the copy, or a newer one, is on the disk; false when the browser refuses to keep it */
  keep(designId: string, copy: KeptCopy): Promise<boolean> {
    return this.#wish(designId, copy)
  }

  async drop(designId: string): Promise<void> {
    await this.#wish(designId, null)
  }

  /**
   * This window's copy of a design, or one left behind by a window that is gone; brought up to date, as a stored
   * design is. What cannot be read stays, out of the way of what this window keeps.
   */
  async take(designId: string): Promise<Taken> {
    await this.#writing
    const rows = await this.#rowsOf(designId)
    const own = rows.find(({ windowId }) => windowId === this.windowId)
    const live = await this.liveWindows()
    const left = rows.filter(({ windowId }) => windowId !== this.windowId && !live.has(windowId))
    const read = [...(own ? [own] : []), ...left].map((row) => ({
      row,
      copy: readableCopy(row.copy),
    }))
    const unread = read.flatMap(({ row, copy }) => (copy ? [] : [row]))
    if (own && unread.includes(own)) await this.#setAside(own)
    const found = read.find(({ copy }) => copy !== null)
    // First here, then away from there: nothing is lost in between.
    if (found?.copy && found.row !== own && (await this.keep(designId, found.copy))) {
      await this.#remove(designId, found.row.windowId)
    }
    return { copy: found?.copy ?? null, unread: unread.map(({ copy }) => copy) }
  }

  /** Lets go of what cannot be read of a design. */
  async forgetUnread(designId: string): Promise<void> {
    const live = await this.liveWindows()
    for (const { windowId, copy } of await this.#rowsOf(designId)) {
      if (!live.has(windowId) && !readableCopy(copy)) await this.#remove(designId, windowId)
    }
  }

  /** Takes over what older versions kept elsewhere in this browser, and only then lets go of it there. */
  async moveHere(old: Storage): Promise<void> {
    for (const { key, ...row } of oldCopiesIn(old)) {
      if (await this.#write(row)) old.removeItem(key)
    }
  }

  async #setAside(row: KeptRow): Promise<void> {
    const windowId = `${row.windowId}, set aside ${new Date().toISOString()}`
    if (await this.#write({ ...row, windowId })) await this.#remove(row.designId, row.windowId)
  }

  /** Everything that is kept here, of any window, as it was written. */
  async all(): Promise<{ designId: string; copy: unknown }[]> {
    await this.#writing
    return (await this.database?.getAll('copies').catch(() => [])) ?? []
  }

  async #rowsOf(designId: string): Promise<KeptRow[]> {
    const all = IDBKeyRange.bound([designId], [designId, []])
    return (await this.database?.getAll('copies', all).catch(() => [])) ?? []
  }

  #wish(designId: string, copy: KeptCopy | null): Promise<boolean> {
    return new Promise((resolve) => {
      const tell = [...(this.#wishes.get(designId)?.tell ?? []), resolve]
      this.#wishes.set(designId, { copy, tell })
      // What the browser copies for its database would hold up the frame that answers a key.
      this.#writing ??= nextTask().then(() => this.#writeAll())
    })
  }

  async #writeAll(): Promise<void> {
    for (let next = this.#next(); next; next = this.#next()) {
      const [designId, { copy, tell }] = next
      const isDone = copy
        ? await this.#write({ designId, windowId: this.windowId, copy })
        : await this.#remove(designId, this.windowId)
      for (const one of tell) one(isDone)
    }
    this.#writing = null
  }

  #next(): [string, Wish] | undefined {
    const [next] = this.#wishes
    if (next) this.#wishes.delete(next[0])
    return next
  }

  async #write(row: KeptRow): Promise<boolean> {
    return this.#change((store) => store.put(row))
  }

  async #remove(designId: string, windowId: string): Promise<boolean> {
    return this.#change((store) => store.delete([designId, windowId]))
  }

  async #change(work: (store: KeptStore) => Promise<unknown>): Promise<boolean> {
    if (!this.database) return false
    try {
      const transaction = transactionOn(this.database)
      await Promise.all([work(transaction.objectStore('copies')), transaction.done])
      return true
    } catch {
      return false
    }
  }
}

/** As soon as the browser has drawn what a key has changed; never slowed down, as timers of hidden windows are. */
const nextTask = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => {
      port1.close()
      resolve()
    }
    port2.postMessage(null)
  })

const transactionOn = (database: KeptDatabase) =>
  database.transaction('copies', 'readwrite', { durability: 'strict' })

type KeptStore = ReturnType<ReturnType<typeof transactionOn>['objectStore']>

/** Null where the browser refuses, at once or later. */
async function openDatabase(): Promise<KeptDatabase | null> {
  try {
    return await openDB<KeptSchema>(DATABASE, 1, {
      upgrade: (opened) => {
        opened.createObjectStore('copies', { keyPath: ['designId', 'windowId'] })
      },
    })
  } catch {
    return null
  }
}

/**
 * The copies of this browser, those of older versions of Flint Shelf among them.
 * @param old where older versions kept them
 */
export async function openKeptCopies(
  windowId: string,
  liveWindows: () => Promise<ReadonlySet<string>>,
  old: Storage | null,
): Promise<KeptCopies> {
  const copies = new KeptCopies(await openDatabase(), windowId, liveWindows)
  if (old) await copies.moveHere(old)
  return copies
}

/** A copy as it is today; null for what cannot be read. */
function readableCopy(copy: unknown): KeptCopy | null {
  if (typeof copy !== 'object' || copy === null) return null
  const { document, baseRevision, unanswered } = copy as Partial<Record<keyof KeptCopy, unknown>>
  const parsed = parseDesign(document)
  if (!('design' in parsed) || typeof baseRevision !== 'number') return null
  const ids = Array.isArray(unanswered) ? unanswered.filter((id) => typeof id === 'string') : []
  return { document: parsed.design, baseRevision, unanswered: ids }
}
