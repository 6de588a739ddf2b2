import {
  driveVerdict,
  readCollected,
  resolveMachine,
  type SeenAgainstFitted,
  seenAgainstFitted,
} from '@flint/core/figures'
import { parseCollected } from '@flint/core/files'
import { CommandError } from '../commandError'
import { designOf } from './designOf'

interface Matched extends SeenAgainstFitted {
  simulated: boolean
  /** What could not be read of the collected file. */
  problems: string[]
  /** Of each pair that tells of its health. */
  verdicts: { driveId: string; verdict: string; reasons: unknown[] }[]
}

/** A design and what its machine says of itself give what is seen, missing, extra and wrong. */
export function match(input: unknown, collectedInput: unknown): Matched {
  const design = designOf(input)
  const read = parseCollected(collectedInput)
  if ('sentence' in read) throw new CommandError(read.sentence)
  const seen = readCollected(read.collected)
  const found = seenAgainstFitted(design, resolveMachine(design), seen)
  return {
    simulated: seen.simulated,
    ...found,
    problems: seen.problems,
    verdicts: found.pairs.flatMap(({ driveId, seen: { smart } }) =>
      smart ? [{ driveId, ...driveVerdict(smart) }] : [],
    ),
  }
}

/** Whether a script should act on it: something is missing, not as planned, or not to be trusted. */
export function isMismatch(answer: unknown): boolean {
  const { missingIds, extra, slowCards, pairs, memory, problems, verdicts } = answer as Matched
  return (
    missingIds.length + extra.length + slowCards.length + problems.length > 0 ||
    pairs.some(({ differs }) => differs.length > 0) ||
    (memory !== null && memory.seenBytes < memory.plannedBytes) ||
    verdicts.some(({ verdict }) => verdict !== 'good')
  )
}
