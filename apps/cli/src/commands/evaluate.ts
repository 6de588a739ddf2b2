import { evaluate as evaluateDesign } from '@flint/core/figures'
import { designOf } from './designOf'

/** A design gives its whole evaluation. */
export function evaluate(input: unknown): unknown {
  return evaluateDesign(designOf(input))
}
