import { LONGEST_WHAT, MOST_UNANSWERED } from '@flint/contract'
import { cutText } from '@flint/core/drawing'
import { type Design, stepsSince } from '@flint/core/editing'
import { api } from '../api/api'
import { problemOf } from '../api/problemOf'
import {
  copyKept,
  saveConflicted,
  saveFailed,
  saveStarted,
  saveSucceeded,
} from '../store/sheetSlice'
import type { OpenSheet } from '../store/sheetSlice'
import type { Store } from '../store/store'
import { v4 as newId } from 'uuid'
import type { KeptCopies } from './keptCopies'

const PAUSES = { beforeSavingMs: 500, afterFailureMs: 2_000 }

/** Whoever has to sign in again first: what they made is sent then. */
const SIGNED_OUT = 401

/** The newest state of a design that the server does not have. */
interface Job {
  document: Design
  baseRevision: number
  /** What was done since then. */
  what: string
  /** Saves that were sent and not answered: the server may have them. */
  unanswered: string[]
  /** The id of this very state, once it was sent: sent again it is the same save. */
  saveId?: string
}

/**
 * Saves designs in the background.
 *
 * Every change is kept in the browser and sent to the server after a short pause, one save at
 * a time. Without an answer it tries again until there is one, also after the sheet was left; the copy
 * in the browser goes only when the server has the same document. A save without an answer may have arrived, so
 * the next one names it: what the server has of this window is no conflict with it. A conflict stops the saving of
 * that design until the user has decided.
 *
 * @returns ends it; what is not saved stays kept in the browser
 */
export function startSaver(store: Store, copies: KeptCopies, pauses = PAUSES): () => void {
  const jobs = new Map<string, Job>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let running = false
  let seen: OpenSheet | null = null

  const unsubscribe = store.subscribe(() => {
    const { open } = store.getState().sheet
    const before = seen
    seen = open
    if (!open) {
      if (before && jobs.size > 0) schedule(0)
      return
    }
    const same =
      before?.designId === open.designId &&
      before.history.present === open.history.present &&
      before.baseDocument === open.baseDocument
    if (!same) noteChange(open)
  })

  return () => {
    unsubscribe()
    jobs.clear()
    clearTimeout(timer)
  }

  function noteChange(open: OpenSheet): void {
    const { designId, history, baseRevision, baseDocument, save } = open
    const design = history.present
    if (save.kind === 'looking') return
    if (design === baseDocument) {
      jobs.delete(designId)
      void copies.drop(designId)
      return
    }
    const before = jobs.get(designId)
    const isSameBase = !before || before.baseRevision === baseRevision
    const unanswered = isSameBase ? (before?.unanswered ?? open.unanswered) : []
    void keep(designId, { document: design, baseRevision, unanswered })
    if (save.kind === 'conflict') return
    const what = cutText(stepsSince(history, baseDocument), LONGEST_WHAT)
    jobs.set(designId, { document: design, baseRevision, what, unanswered })
    schedule(pauses.beforeSavingMs)
  }

  async function keep(designId: string, copy: Omit<Job, 'what'>): Promise<void> {
    const isKept = await copies.keep(designId, copy)
    store.dispatch(copyKept({ designId, design: copy.document, isKept }))
  }

  function schedule(pauseMs: number): void {
    clearTimeout(timer)
    timer = setTimeout(() => void saveAll(), pauseMs)
  }

  async function saveAll(): Promise<void> {
    if (running) return
    running = true
    for (const [designId, job] of [...jobs]) await saveOne(designId, job)
    running = false
    if (jobs.size > 0) schedule(pauses.afterFailureMs)
  }

  async function saveOne(designId: string, job: Job): Promise<void> {
    const { document: design, baseRevision, unanswered } = job
    const saveId = job.saveId ?? newId()
    store.dispatch(saveStarted(designId))
    const result = await store.dispatch(
      api.endpoints.saveDesign.initiate(
        {
          id: designId,
          basedOnRevision: baseRevision,
          document: design,
          saveId,
          what: job.what,
          unanswered: unanswered.slice(-MOST_UNANSWERED),
        },
        // Tracked, every answer would stay in memory as long as the page is open.
        { track: false },
      ),
    )
    const newest = jobs.get(designId)
    if (result.data) {
      if (newest?.document === design) {
        jobs.delete(designId)
        void copies.drop(designId)
      } else if (newest) {
        jobs.set(designId, { ...newest, baseRevision: result.data.revision, unanswered: [] })
      }
      store.dispatch(saveSucceeded({ designId, revision: result.data.revision, design }))
      return
    }
    const problem = problemOf(result.error)
    if (problem.kind === 'refused' && problem.problem.conflict) {
      jobs.delete(designId)
      store.dispatch(saveConflicted({ designId, conflict: problem.problem.conflict }))
      return
    }
    const left = newest ?? job
    // A server whose database goes away in the middle, or that gives up late, cannot tell what was stored.
    const mayBeStored = problem.kind === 'no-answer' || problem.problem.status >= 500
    const again: Job = mayBeStored
      ? {
          ...left,
          unanswered: [...new Set([...unanswered, saveId])],
          ...(left.document === design && { saveId }),
        }
      : left
    // What the server refuses it refuses again; it is sent again when it is another document.
    const isRefused =
      problem.kind === 'refused' &&
      problem.problem.status < 500 &&
      problem.problem.status !== SIGNED_OUT
    if (isRefused && newest?.document === design) jobs.delete(designId)
    else if (newest) jobs.set(designId, again)
    const reason =
      problem.kind === 'refused' ? problem.problem.detail : 'The server does not answer.'
    const isKept = await copies.keep(designId, again)
    const present = store.getState().sheet.open?.history.present
    const here = !isKept ? 'refused' : present === again.document ? 'kept' : 'being kept'
    store.dispatch(saveFailed({ designId, reason, here }))
  }
}
