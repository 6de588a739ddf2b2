import { parseDesign } from '@flint/core/editing'
import { evaluate as evaluateDesign } from '@flint/core/figures'
import { CommandError } from '../commandError'

/** A design document gives its whole evaluation. */
export function evaluate(input: unknown): unknown {
  const parsed = parseDesign(input)
  if ('design' in parsed) return evaluateDesign(parsed.design)
  throw new CommandError(parsed.problems[0]?.sentence ?? 'The input is not a design.')
}
