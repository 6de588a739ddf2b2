import { answerCapacity, isProblem } from '@flint/core/files'
import { CommandError } from '../commandError'

/** One pool gives one answer, an array of pools an array of answers. */
export function capacity(input: unknown): unknown {
  return Array.isArray(input)
    ? input.map((pool, index) => answer(pool, `Pool ${index + 1} of ${input.length}: `))
    : answer(input, '')
}

function answer(pool: unknown, which: string): unknown {
  const outcome = answerCapacity(pool)
  if (isProblem(outcome)) throw new CommandError(which + outcome.sentence)
  return outcome
}
