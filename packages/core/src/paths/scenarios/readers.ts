import { networkFlows } from '../networkFlows'
import type { Scenario } from './scenario'

/** As many readers as are asked for, or as the brief names; one when it names none. */
export const readers: Scenario = {
  id: 'readers',
  title: 'Readers',
  about: 'Each reader copies one large file over the network.',
  asks: 'readers',
  flowsOf: (design, machine, { readers: count }) => ({
    flows: networkFlows(design, machine, Math.max(1, count ?? design.brief.readersAtOnce)),
    bytesOf: new Map(),
  }),
}
