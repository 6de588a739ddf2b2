import type { Design } from './design/design'
import type { Finding, Measured } from './judging/finding'
import type { Figures } from './judging/rule'
import { findingsOf } from './findings/rules'
import { judgeLimits } from './limits/limits'
import { bayPlan } from './machine/bayPlan'
import type { Machine } from './machine/machine'
import { resolveMachine } from './machine/resolveMachine'
import { billOfMaterials } from './money/billOfMaterials'
import { designCapacity } from './pool/designCapacity'
import { designSurvival } from './pool/survival/designSurvival'
import { idlePower } from './power/idlePower'
import { formatterFor } from './units/formatter'

/** Plain data, so that it can be cloned, sent to a worker and printed. */
export interface Evaluation extends Figures {
  findings: Finding[]
}

/**
 * Everything that is shown about a design, in one call.
 *
 * Pure: the same design and locale always give the same evaluation, and no design that
 * `parseDesign` accepts makes it throw.
 *
 * @param locale the digits in which findings write their numbers
 * @param machine the design resolved, when it is at hand
 */
export function evaluate(
  design: Design,
  locale = 'en',
  machine: Machine = resolveMachine(design),
): Evaluation {
  const format = formatterFor(locale)
  const measured: Measured = {
    capacity: designCapacity(design, machine),
    survival: designSurvival(design, machine),
    power: idlePower(design, machine),
    cost: billOfMaterials(design),
    bays: bayPlan(machine, design),
  }
  const subject = { ...measured, design, machine }
  const figures: Figures = { ...measured, limits: judgeLimits(subject, format) }
  return { ...figures, findings: findingsOf({ ...subject, ...figures }, format) }
}

/**
 * Evaluates designs one after the other, as edits make them, with the machine of the last one at hand: what an
 * edit leaves alone is not worked out again. The answers are those of `evaluate`.
 */
export class Evaluator {
  #machine: Machine | undefined

  constructor(private readonly locale = 'en') {}

  machineOf(design: Design): Machine {
    if (this.#machine?.madeFrom !== design) {
      this.#machine = resolveMachine(design, this.#machine)
    }
    return this.#machine
  }

  evaluate(design: Design): Evaluation {
    return evaluate(design, this.locale, this.machineOf(design))
  }
}
