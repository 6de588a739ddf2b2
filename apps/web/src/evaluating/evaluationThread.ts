import type { Design } from '@flint/core/editing'
import type { Evaluation } from '@flint/core/figures'
import { type EvaluatedRole, evaluatedRoles, type GaveUp } from '../store/evaluatedSlice'

/** Somebody who works designs out, one at a time, and can be stopped in the middle of one. */
export interface EvaluationWorker {
  /**
   * Resolves once it has read its own code, which on a busy machine takes longer than most designs; rejects when it
   * cannot.
   */
  ready: Promise<unknown>
  evaluate: (role: EvaluatedRole, design: Design) => Promise<Evaluation>
  end: () => void
}

export interface EvaluationTimes {
  /** How long a thread may take to be ready, milliseconds. */
  startMs: number
  /** How long one design may take before it is given up, milliseconds. */
  budgetMs: number
  /** How long one that nobody wants any more may go on, milliseconds. */
  outdatedMs: number
}

interface Asked {
  role: EvaluatedRole
  design: Design
  /** Taken as long as it takes, since its user asked for that. */
  isPatient: boolean
}

interface Running extends Asked {
  /** When its thread was ready for it, milliseconds; none is counted before. */
  since: Promise<number>
  stop: () => void
}

/**
 * Works designs out on a thread of its own, the present one first, each within its budget of time, which begins when
 * the thread is ready.
 *
 * Of each role only the newest design is wanted: those in between are never begun. A design that takes longer
 * than its budget, or than is left to one that was overtaken, is stopped with its thread, and the next one begins
 * on a new thread.
 */
export class EvaluationThread {
  readonly #wanted = new Map<EvaluatedRole, Asked>()
  #worker: EvaluationWorker | null = null
  #running: Running | null = null

  /**
   * @param begin starts a worker
   * @param done takes what came of a design: its figures, or why there are none
   */
  constructor(
    private readonly begin: () => EvaluationWorker,
    private readonly done: (asked: Asked, outcome: Evaluation | GaveUp) => void,
    private readonly times: EvaluationTimes,
  ) {}

  /** Asks for the figures of a design in place of the one that was asked for in this role before. */
  ask(role: EvaluatedRole, design: Design, isPatient = false): void {
    this.#wanted.set(role, { role, design, isPatient })
    if (!this.#running) this.#next()
    else if (this.#running.role === role || role === 'present') this.#overtake(this.#running)
  }

  /** Starts a worker before there is anything to do, since starting takes as long as a small design. */
  prepare(): void {
    this.#worker ??= this.#begin()
  }

  /** Begins a worker; one that cannot read its code is not asked for the next design. */
  #begin(): EvaluationWorker {
    const worker = this.begin()
    worker.ready.catch(() => {
      if (this.#worker === worker) this.#worker = null
    })
    return worker
  }

  /** Nothing is wanted in this role any more. */
  forget(role: EvaluatedRole): void {
    this.#wanted.delete(role)
    if (this.#running?.role === role) this.#overtake(this.#running)
  }

  /** Most are done soon, and a new thread has to learn everything anew: so it is left some time. */
  #overtake(running: Running): void {
    const stopLater = (sinceMs: number): void => {
      const leftMs = sinceMs + this.times.outdatedMs - performance.now()
      setTimeout(
        () => {
          if (this.#running === running) running.stop()
        },
        Math.max(0, leftMs),
      )
    }
    void running.since.then(stopLater, () => undefined)
  }

  #next(): void {
    const role = evaluatedRoles.find((one) => this.#wanted.has(one))
    const asked = role && this.#wanted.get(role)
    if (!role || !asked) return
    this.#wanted.delete(role)
    const worker = (this.#worker ??= this.#begin())
    const finish = (outcome: Evaluation | GaveUp): void => {
      if (this.#running !== running) return
      clearTimeout(budget)
      this.#running = null
      this.done(asked, outcome)
      this.#next()
    }
    const endWith = (outcome: GaveUp): void => {
      if (this.#running !== running) return
      worker.end()
      this.#worker = null
      finish(outcome)
    }
    const stop = (): void => {
      endWith('too long')
    }
    let budget = setTimeout(() => {
      endWith('not started')
    }, this.times.startMs)
    const since = worker.ready.then(() => {
      clearTimeout(budget)
      if (!asked.isPatient && this.#running === running) {
        budget = setTimeout(stop, this.times.budgetMs)
      }
      return performance.now()
    })
    since.catch(() => {
      endWith('failed')
    })
    const running: Running = { ...asked, since, stop }
    this.#running = running
    worker.evaluate(asked.role, asked.design).then(finish, () => {
      finish('failed')
    })
  }
}
