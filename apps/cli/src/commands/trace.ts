import {
  errorsOverTime,
  nextSwap,
  readCollected,
  resolveMachine,
  seenAgainstFitted,
  suspectsOf,
  traceFault,
} from '@flint/core/figures'
import { parseCollected, traceRequest } from '@flint/core/files'
import { CommandError } from '../commandError'
import { designOf } from './designOf'

/**
 * A design and errors give who may be at fault, with the chance of each, and the next swap to try. The errors are a
 * collected file, or `{ "errors": [{ "driveId": "drive-3", "count": 12 }] }`.
 */
export function trace(input: unknown, errorsInput: unknown): unknown {
  const design = designOf(input)
  const machine = resolveMachine(design)
  const collected = parseCollected(errorsInput)
  if ('collected' in collected) {
    const seen = readCollected(collected.collected)
    const { pairs } = seenAgainstFitted(design, machine, seen)
    const errors = errorsOverTime([{ seen, pairs }]).flatMap((between) => between.errors)
    return answerTo({ errors, cleanIds: [], trials: design.bench.trials })
  }
  const asked = traceRequest.safeParse(errorsInput)
  if (!asked.success) {
    const [issue] = asked.error.issues
    throw new CommandError(
      `These are no errors of drives: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}`,
    )
  }
  const known = new Set(design.fitted.map(({ id }) => id))
  const unknown = asked.data.errors.find(({ driveId }) => !known.has(driveId))
  if (unknown) throw new CommandError(`The design has no drive ${unknown.driveId}.`)
  return answerTo(asked.data)

  function answerTo(evidence: Parameters<typeof traceFault>[1]): unknown {
    const ranked = traceFault(suspectsOf(machine), evidence)
    return { suspects: ranked.slice(0, 12), nextSwap: nextSwap(ranked) }
  }
}

/** Whether there are errors to trace. */
export const hasSuspects = (answer: unknown): boolean =>
  (answer as { suspects: unknown[] }).suspects.length > 0
