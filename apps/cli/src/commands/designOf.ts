import { type Design, parseDesign } from '@flint/core/editing'
import { CommandError } from '../commandError'

/**
 * The design that was given.
 * @throws CommandError when it is none
 */
export function designOf(input: unknown): Design {
  const parsed = parseDesign(input)
  if ('design' in parsed) return parsed.design
  throw new CommandError(parsed.problems[0]?.sentence ?? 'The input is not a design.')
}
