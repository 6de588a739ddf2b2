import type { Design } from './design/design'
import { type AnyFinding, inOrderOfWeight, rules } from './findings/rules'
import { type Current, givenOf } from './givenOf'
import type { OpenChoice } from './judging/choiceNeeded'
import type { Given, Measured } from './judging/given'
import { findingsBy, type Rule } from './judging/rule'
import { type AnyJudgedLimit, limits } from './limits/limits'
import { type PoolStanding, poolStandings } from './limits/poolStandings'
import { isSameMachine } from './machine/isSameMachine'
import type { Machine } from './machine/machine'
import { resolveMachine } from './machine/resolveMachine'
import { Recorder } from './recorder'

/**
 * Everything that is measured and judged of a design, as facts without a word: plain data, so that it can be
 * cloned, sent to a worker and printed. `findingWords` and `limitWords` write what is shown of it.
 */
export interface Evaluation extends Measured {
  limits: AnyJudgedLimit[]
  findings: AnyFinding[]
  /** What it still needs before it can be built. */
  stillToChoose: readonly OpenChoice[]
  /** Whether nothing is missing, nothing blocks and every limit is kept. */
  isDone: boolean
}

/**
 * Evaluates designs one after the other, as edits make them, with all that it worked out for the last one at
 * hand: each figure, limit and rule runs again only when something that it read has changed. What stays the same
 * is the very same object.
 */
export class Evaluator {
  readonly #recorder = new Recorder()
  readonly #given: Given
  readonly #findings: () => AnyFinding[]
  readonly #limits: () => AnyJudgedLimit[]
  readonly #isDone: () => boolean
  #current: Current | null = null

  constructor() {
    const recorder = this.#recorder
    this.#given = givenOf(recorder, () => {
      if (!this.#current) throw new Error('No design is looked at yet.')
      return this.#current
    })
    const given = this.#given
    const byRule = rules.map((rule) =>
      // Each rule is only ever given what it found itself.
      recorder.kept(() => findingsBy(rule as unknown as Rule<string, object>, given)),
    )
    this.#findings = recorder.kept(() => {
      const all: AnyFinding[] = []
      for (const find of byRule) all.push(...(find() as AnyFinding[]))
      return inOrderOfWeight(all)
    }, false)
    this.#limits = recorder.kept(
      () =>
        limits.flatMap((limit) => (given.judged(limit as never) as AnyJudgedLimit | null) ?? []),
      false,
    )
    this.#isDone = recorder.kept(
      () =>
        given.stillToChoose.length === 0 &&
        this.#limits().every(({ status }) => status === 'kept') &&
        !this.#findings().some(({ severity }) => severity === 'blocks'),
    )
  }

  /** Whether a design has the machine that was looked at last: then there is nothing to search for. */
  hasMachineOf(design: Design): boolean {
    return this.#current !== null && isSameMachine(this.#current.machine.madeFrom, design)
  }

  machineOf(design: Design): Machine {
    const before = this.#current?.machine
    return before?.madeFrom === design ? before : resolveMachine(design, before)
  }

  /** The figures alone, for those who judge by themselves. */
  measure(design: Design, machine: Machine = this.machineOf(design)): Measured {
    this.#lookAt(design, machine)
    const { capacity, survival, power, cost } = this.#given
    return { capacity, survival, power, cost }
  }

  /** How each pool stands to what lives there. */
  standings(design: Design, machine: Machine = this.machineOf(design)): PoolStanding[] {
    this.#lookAt(design, machine)
    return poolStandings(this.#given)
  }

  /** @param machine the design resolved, when it is at hand */
  evaluate(design: Design, machine: Machine = this.machineOf(design)): Evaluation {
    const { capacity, survival, power, cost } = this.measure(design, machine)
    return {
      capacity,
      survival,
      power,
      cost,
      limits: this.#limits(),
      findings: this.#findings(),
      stillToChoose: this.#given.stillToChoose,
      isDone: this.#isDone(),
    }
  }

  #lookAt(design: Design, machine: Machine): void {
    if (this.#current?.design === design && this.#current.machine === machine) return
    this.#current = { design, machine }
    this.#recorder.nextRound()
  }
}

/**
 * Everything that is measured and judged of a design, in one call.
 *
 * Pure: the same design always gives the same evaluation, and no design that `parseDesign` accepts makes it
 * throw.
 */
export function evaluate(design: Design, machine?: Machine): Evaluation {
  return new Evaluator().evaluate(design, machine)
}
