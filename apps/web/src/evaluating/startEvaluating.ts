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

const TIMES: EvaluationTimes = { startMs: 60_000, budgetMs: 10_000, outdatedMs: 1_000 }

/**
 * Works out whatever the open sheet shows figures of, away from the page: the present document, the one that
 * changes are counted from, and the choice under the pointer.
 *
 * Figures of a document that was edited meanwhile are shown all the same, since they are newer than those before.
 *
 * @returns `prepare`: what to do where a design is about to be opened
 */
export function startEvaluating(
  store: Store,
  begin: () => EvaluationWorker = beginWorker,
  times: EvaluationTimes = TIMES,
): { prepare: () => void } {
  const wanted = new Map<EvaluatedRole, Design | null>()
  let sheetId: string | null = null
  /** All that the open sheet has been; what comes back of another sheet is not shown. */
  let ofThisSheet = new WeakSet<Design>()
  let waitedFor: Design | null = null

  const thread = new EvaluationThread(
    begin,
    ({ role, design }, outcome) => {
      if (!ofThisSheet.has(design)) return
      if (typeof outcome !== 'string') {
        const evaluated: Evaluated = { design, evaluation: outcome }
        store.dispatch(workedOut({ role, evaluated }))
        // One document may have two roles, as the first change makes what it was the one to count from.
        for (const other of evaluatedRoles) {
          if (other === role || wanted.get(other) !== design) continue
          thread.forget(other)
          store.dispatch(workedOut({ role: other, evaluated }))
        }
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
    for (const role of evaluatedRoles) {
      const design = sheet.open && designOf[role](sheet.open)
      if (design === (wanted.get(role) ?? null)) continue
      wanted.set(role, design)
      if (!design) {
        thread.forget(role)
        continue
      }
      ofThisSheet.add(design)
      const known = evaluatedRoles
        .map((one) => evaluated[one])
        .find((one) => one?.design === design)
      if (known) {
        thread.forget(role)
        store.dispatch(workedOut({ role, evaluated: known }))
      } else thread.ask(role, design)
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
