import { evaluate as evaluateDesign, parseDesign } from '@flint/core'
import { CommandError } from '../commandError'

/** A design document gives its whole evaluation. */
export function evaluate(input: unknown): unknown {
  const parsed = parseDesign(input)
  if ('document' in parsed) return evaluateDesign(parsed.document)
  throw new CommandError(parsed.problems[0]?.sentence ?? 'The input is not a design.')
}
