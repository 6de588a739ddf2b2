import { fileFlows } from '../fileFlows'
import { readersOf } from '../readersOf'
import type { Scenario } from './scenario'

/** As many readers as are asked for, or as the brief names; one when it names none. */
export const readers: Scenario = {
  id: 'readers',
  title: 'Readers',
  about: 'Each reader copies one large file over the network.',
  asks: { readers: 'readers', pool: 'each one’s own, or the largest' },
  flowsOf: (design, machine, { readers: count, poolId }) =>
    fileFlows(design, machine, readersOf(design.brief, count), 'read', poolId),
}
