import type { Design } from '@flint/core/editing'
import {
  type Evaluated,
  type EvaluatedRole,
  evaluatedRoles,
  givenUp,
  workedOut,
} from '../store/evaluatedSlice'
import type { OpenSheet } from '../store/sheetSlice'
import type { Store } from '../store/store'
import { EvaluationThread, type EvaluationTimes, type EvaluationWorker } from './evaluationThread'
import { takeThread } from './firstThread'
import type { PageJudge } from './pageJudge'

const TIMES: EvaluationTimes = { startMs: 60_000, budgetMs: 10_000, outdatedMs: 1_000 }

interface Evaluating {
  /** Judges at once what leaves the machine alone. */
  pageJudge: PageJudge
  begin?: () => EvaluationWorker
  times?: EvaluationTimes
}

/**
 * Works out whatever the open sheet shows figures of: the present document, the one that changes are counted from, and
 * the choice under the pointer. All of it away from the page, but for what the page can judge at once.
 *
 * Figures of a document that was edited meanwhile are shown all the same, since they are newer than those before.
 *
 * @returns `prepare`: what to do where a design is about to be opened
 */
export function startEvaluating(
  store: Store,
  { pageJudge, begin = beginWorker, times = TIMES }: Evaluating,
): { prepare: () => void } {
  const wanted = new Map<EvaluatedRole, Design | null>()
  let sheetId: string | null = null
  /** All that the open sheet has been; what comes back of another sheet is not shown. */
  let ofThisSheet = new WeakSet<Design>()
  let waitedFor: Design | null = null

  const show = (role: EvaluatedRole, evaluated: Evaluated): void => {
    store.dispatch(workedOut({ role, evaluated }))
    // One document may have two roles, as the first change makes what it was the one to count from.
    for (const other of evaluatedRoles) {
      if (other === role || wanted.get(other) !== evaluated.design) continue
      thread.forget(other)
      store.dispatch(workedOut({ role: other, evaluated }))
    }
  }
  /** Whether what is wanted now is shown already, as the page was quicker. */
  const isOvertaken = (role: EvaluatedRole, design: Design): boolean => {
    const shown = store.getState().evaluated[role]?.design ?? null
    return shown !== null && shown !== design && shown === wanted.get(role)
  }
  const thread = new EvaluationThread(
    begin,
    ({ role, design }, outcome) => {
      if (!ofThisSheet.has(design) || isOvertaken(role, design)) return
      if (typeof outcome !== 'string') {
        show(role, { design, evaluation: outcome })
        if (wanted.get('present') === design) pageJudge.takeIn(design)
      } else if (wanted.get('present') === design) {
        store.dispatch(givenUp({ design, why: outcome }))
      }
    },
    times,
  )

  store.subscribe(() => {
    const { sheet, evaluated } = store.getState()
    if (sheet.open?.designId !== sheetId) {
      sheetId = sheet.open?.designId ?? null
      ofThisSheet = new WeakSet()
    }
    // All of them before any is worked out, since what is at once goes through here again.
    const changed = evaluatedRoles.flatMap((role) => {
      const design = sheet.open && designOf[role](sheet.open)
      if (design === (wanted.get(role) ?? null)) return []
      wanted.set(role, design)
      if (design) ofThisSheet.add(design)
      return [{ role, design }]
    })
    for (const { role, design } of changed) {
      const known = evaluatedRoles
        .map((one) => evaluated[one])
        .find((one) => one?.design === design)
      const atOnce = design && !known && role === 'present' ? pageJudge.judge(design) : null
      if (design && !known && !atOnce) thread.ask(role, design)
      else thread.forget(role)
      if (known) store.dispatch(workedOut({ role, evaluated: known }))
      if (design && atOnce) show(role, { design, evaluation: atOnce })
    }
    if (evaluated.waitedFor !== waitedFor) {
      waitedFor = evaluated.waitedFor
      if (waitedFor) thread.ask('present', waitedFor, true)
    }
  })
  return {
    prepare: () => {
      thread.prepare()
    },
  }
}

const designOf: Record<EvaluatedRole, (sheet: OpenSheet) => Design | null> = {
  present: ({ history }) => history.present,
  // Where nothing has changed there is nothing to count.
  checkpoint: ({ checkpoint, history }) => (checkpoint === history.present ? null : checkpoint),
  preview: ({ preview }) => preview,
}

function beginWorker(): EvaluationWorker {
  const { worker, evaluator } = takeThread()
  const broken = new Promise<never>((_resolve, reject) => {
    worker.addEventListener('error', reject, { once: true })
  })
  return {
    ready: Promise.race([evaluator.answer(), broken]),
    evaluate: (role, design) => evaluator.evaluate(role, design),
    end: () => {
      worker.terminate()
    },
  }
}
