import { type Design, DESIGN_VERSION } from '@flint/core/editing'
import type { LeftSheet } from '../store/sheetSlice'
import type { Store } from '../store/store'

const KEY = 'flint-shelf/ways'

/** Steps back that outlive a reload; older ones go first. */
const MOST_STEPS = 100

/** How a way is written: documents share nearly all they hold, so each value is written once and named by its place. */
interface WrittenWay {
  designId: string
  version: number
  labels: { past: string[]; future: string[] }
  /** Each value as JSON. */
  values: string[]
  /** Of each document the place of each of its fields: the past, the present, the future, the checkpoint. */
  documents: Record<string, number>[]
}

/** Whether a document has the right form is not asked again: this window has written it, with the same version. */
export function waysFrom(text: string | null): LeftSheet[] {
  if (text === null) return []
  try {
    const written = JSON.parse(text) as WrittenWay[]
    return written.filter(({ version }) => version === DESIGN_VERSION).map(readWay)
  } catch {
    return []
  }
}

/** The ways of some designs as text, each with so many steps at most. */
export function waysText(ways: readonly LeftSheet[], mostSteps = MOST_STEPS): string {
  return JSON.stringify(ways.map((way) => writtenWay(way, mostSteps)))
}

function writtenWay({ designId, history, checkpoint }: LeftSheet, mostSteps: number): WrittenWay {
  const past = mostSteps === 0 ? [] : history.past.slice(-mostSteps)
  const future = history.future.slice(0, mostSteps)
  const values: string[] = []
  const placeOf = new Map<unknown, number>()
  const place = (value: unknown): number => {
    const known = placeOf.get(value)
    if (known !== undefined) return known
    values.push(JSON.stringify(value))
    placeOf.set(value, values.length - 1)
    return values.length - 1
  }
  const documents = [
    ...past.map(({ before }) => before),
    history.present,
    ...future.map(({ after }) => after),
    checkpoint,
  ].map((document) =>
    Object.fromEntries(Object.entries(document).map(([field, value]) => [field, place(value)])),
  )
  return {
    designId,
    version: DESIGN_VERSION,
    labels: { past: past.map(({ label }) => label), future: future.map(({ label }) => label) },
    values,
    documents,
  }
}

function readWay({ designId, labels, values, documents }: WrittenWay): LeftSheet {
  const read = values.map((value) => JSON.parse(value) as unknown)
  const all = documents.map(
    (places) =>
      Object.fromEntries(
        Object.entries(places).map(([field, at]) => [field, read[at]]),
      ) as unknown as Design,
  )
  const at = (index: number): Design => {
    const document = all[index]
    if (!document) throw new SyntaxError('A document of a way is missing.')
    return document
  }
  const steps = labels.past.length
  const checkpoint = at(all.length - 1)
  const present = at(steps)
  return {
    designId,
    history: {
      past: labels.past.map((label, index) => ({ label, before: at(index) })),
      present,
      future: labels.future.map((label, index) => ({ label, after: at(steps + 1 + index) })),
    },
    checkpoint,
  }
}

/** The way that a design came in this window before the page was loaded anew; null where there is none. */
export function wayBefore(designId: string, storage: Storage = sessionStorage): LeftSheet | null {
  return waysFrom(storage.getItem(KEY)).find((way) => way.designId === designId) ?? null
}

/**
 * Keeps the ways of designs in this window while the page goes, so that what was done can be undone after a reload. Where
 * the browser has no room for all steps it gets fewer.
 */
export function keepWays(store: Pick<Store, 'getState'>, window: Window): void {
  const keep = (): void => {
    const { open, left } = store.getState().sheet
    const isWorkedOn = open && open.save.kind !== 'looking' && open.save.kind !== 'conflict'
    const others = left.filter(({ designId }) => designId !== open?.designId)
    const ways = isWorkedOn ? [...others, open] : others
    for (const steps of [MOST_STEPS, MOST_STEPS / 10, 0]) {
      try {
        window.sessionStorage.setItem(KEY, waysText(ways, steps))
        return
      } catch {
        window.sessionStorage.removeItem(KEY)
      }
    }
  }
  window.addEventListener('pagehide', keep)
}
