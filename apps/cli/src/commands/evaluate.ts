import { formatterFor } from '@flint/core/drawing'
import { evaluate as evaluateDesign, resolveMachine } from '@flint/core/figures'
import { printedEvaluation } from '@flint/core/files'
import { designOf } from './designOf'

/** A design gives its whole evaluation: figures, facts, and sentences in English. */
export function evaluate(input: unknown): unknown {
  const design = designOf(input)
  const machine = resolveMachine(design)
  return printedEvaluation(design, machine, evaluateDesign(design, machine), formatterFor('en'))
}
