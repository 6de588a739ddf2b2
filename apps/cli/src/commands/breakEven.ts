import { problemsOf } from '@flint/core/editing'
import { answerBreakEven, breakEvenRequest } from '@flint/core/files'
import { CommandError } from '../commandError'

/**
 * Costs and alternatives give the month from which the machine has cost no more, and the curve.
 * @throws CommandError with the field that is wrong
 */
export function breakEven(input: unknown): unknown {
  const read = breakEvenRequest.safeParse(input)
  if (read.success) return answerBreakEven(read.data)
  const [problem] = problemsOf(read.error.issues)
  throw new CommandError(problem?.sentence ?? 'This asks for nothing that can be worked out.')
}
