import { resolveMachine } from '@flint/core/figures'
import { readSeries, seriesAgainstPlan } from '@flint/core/files'
import { CommandError } from '../commandError'
import { designOf } from './designOf'

/**
 * A design and a log of watts give what the log comes to, and how it stands to the plan.
 * @throws CommandError when the log has no times or no watts
 */
export function readings(input: unknown, log: unknown): unknown {
  const design = designOf(input)
  const series = typeof log === 'string' ? readSeries(log) : null
  if (!series) throw new CommandError('The log has no column of times with watts beside it.')
  const answer = seriesAgainstPlan(design, resolveMachine(design), series)
  if (!answer) throw new CommandError('The log has fewer than two readings.')
  return answer
}
