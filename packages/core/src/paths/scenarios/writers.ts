import { fileFlows } from '../fileFlows'
import { readersOf } from '../readersOf'
import type { Scenario } from './scenario'

/** The same people the other way round. */
export const writers: Scenario = {
  id: 'writers',
  title: 'Writers',
  about: 'Each of them writes one large file over the network, with its redundancy.',
  asks: { readers: 'writers', pool: 'each one’s own, or the largest' },
  flowsOf: (design, machine, { readers: count, poolId }) =>
    fileFlows(design, machine, readersOf(design.brief, count), 'write', poolId),
}
