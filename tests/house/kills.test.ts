// Whatever is killed while six people work, no save that was answered is missing afterwards.
import { randomUUID } from 'node:crypto'
import type { SaveDesign, StoredDesign } from '@flint/contract'
import { type Design, newDesign, renameDesign } from '@flint/core/editing'
import { Clone, freePorts } from '../support/clone'

/** Kills in `npm test`, one of each kind; `npm run soak` asks for more. */
const KILLS = Number(process.env.FLINT_KILLS ?? 3)
const WRITERS = 6
/** How long they work before each kill and after it, milliseconds. */
const WORK_MS = 700
/** And so long at the most. */
const MOST_WORK_MS = 15_000

interface Saved {
  designId: string
  revision: number
  name: string
}

/** Saves one design again and again, as a window does: without an answer it asks again. */
class Writer {
  readonly answered: Saved[] = []
  private stopped = false
  private done: Promise<void> = Promise.resolve()
  private readonly unanswered = new Set<string>()
  private number = 0

  constructor(
    private readonly url: string,
    private readonly design: StoredDesign,
  ) {}

  begin(): void {
    this.stopped = false
    this.done = this.work()
  }

  async end(): Promise<void> {
    this.stopped = true
    await this.done
  }

  private async work(): Promise<void> {
    while (!this.stopped) {
      this.number += 1
      await this.save(renameDesign(this.design.document, `Name ${this.number}`), randomUUID())
    }
  }

  /** Asks until there is an answer. @throws Error for a conflict: nobody else works on this design */
  private async save(document: Design, saveId: string): Promise<void> {
    for (;;) {
      const answer = await this.ask({
        basedOnRevision: this.answered.at(-1)?.revision ?? 1,
        document,
        saveId,
        unanswered: [...this.unanswered],
      })
      if (answer) {
        const { id: designId, revision } = answer
        this.answered.push({ designId, revision, name: document.name })
        this.unanswered.clear()
        return
      }
      this.unanswered.add(saveId)
      // What was not answered when the day ends is not promised.
      if (this.stopped) return
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
  }

  private async ask(body: Omit<SaveDesign, never>): Promise<StoredDesign | null> {
    let response: Response
    try {
      response = await fetch(`${this.url}/api/designs/${this.design.id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
        signal: AbortSignal.timeout(5_000),
      })
      // A database that goes away in the middle may have stored it: that is no answer either.
      if (response.status >= 500) return null
      if (response.ok) return (await response.json()) as StoredDesign
    } catch {
      return null
    }
    throw new Error(`${response.status}: ${await response.text()}`)
  }
}

/** Lets them work for a while, on a busy machine until as many saves as there are writers were answered. */
async function atWork(writers: readonly Writer[]): Promise<void> {
  const saves = (): number => writers.reduce((sum, { answered }) => sum + answered.length, 0)
  const before = saves()
  const end = Date.now() + MOST_WORK_MS
  await new Promise((resolve) => setTimeout(resolve, WORK_MS))
  while (saves() - before < WRITERS && Date.now() < end) {
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

let clone: Clone
beforeAll(() => {
  clone = new Clone()
})
afterAll(() => clone.remove())

test(
  `${KILLS} kills, six writers: no answered save is missing`,
  async () => {
    const [port, databasePort] = await freePorts()
    const environment = { FLINT_PORT: port, FLINT_DB_PORT: databasePort }
    const url = `http://127.0.0.1:${port}`
    await clone.start(environment)
    const writers = await Promise.all(
      Array.from({ length: WRITERS }, async (_, index) => {
        const response = await fetch(`${url}/api/designs`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ document: newDesign(`Writer ${index}`) }),
        })
        return new Writer(url, (await response.json()) as StoredDesign)
      }),
    )
    const kills = [
      async () => {
        await clone.cutPower()
        await clone.start(environment)
      },
      async () => {
        await clone.killDatabase()
        // The start command starts it again by itself.
        await clone.says('The database has ended.')
      },
      async () => {
        await clone.killServer()
        await clone.start(environment)
      },
    ]
    for (let count = 0; count < KILLS; count += 1) {
      for (const writer of writers) writer.begin()
      await atWork(writers)
      await kills[count % kills.length]?.()
      await atWork(writers)
      await Promise.all(writers.map((writer) => writer.end()))
    }
    const all = writers.flatMap(({ answered }) => answered)
    const missing: Saved[] = []
    for (const saved of all) {
      const { designId, revision, name } = saved
      const response = await fetch(`${url}/api/designs/${designId}/revisions/${revision}`).catch(
        (error: unknown) => {
          throw new Error(`The server is gone. ${clone.terminal}\n${clone.log()}`, { cause: error })
        },
      )
      const stored = response.ok ? ((await response.json()) as StoredDesign) : null
      if (stored?.document.name !== name) missing.push(saved)
    }
    expect(missing).toEqual([])
    expect(all.length).toBeGreaterThan(KILLS * WRITERS)
    process.stdout.write(`${KILLS} kills: none of ${all.length} answered saves is missing\n`)
  },
  KILLS * 90_000 + 120_000,
)
