import { applyEdit, edit, problemsOf } from '@flint/core/editing'
import { CommandError } from '../commandError'
import { designOf } from './designOf'

/**
 * A design and a list of edits give the design with the edits made, one after the other.
 * @throws CommandError when one of them is none, with its place in the list
 */
export function apply(input: unknown, edits: unknown): unknown {
  const design = designOf(input)
  if (!Array.isArray(edits)) throw new CommandError('The edits are a list: [{ "do": … }, …].')
  return edits.reduce((before: typeof design, one: unknown, at) => {
    const read = edit.safeParse(one)
    if (read.success) return applyEdit(before, read.data)
    const [problem] = problemsOf(read.error.issues)
    throw new CommandError(`Edit ${at + 1}: ${problem?.sentence ?? 'this is no edit.'}`)
  }, design)
}
