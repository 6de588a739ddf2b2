import { networkFlows } from '../networkFlows'
import type { Scenario } from './scenario'

/** As many readers as are asked for, or as the brief names; one when it names none. */
export const readers: Scenario = {
  id: 'readers',
  title: 'Readers',
  about: 'Each reader copies one large file over the network.',
  asks: 'readers',
  flowsOf: (document, topology, { readers: count }) => ({
    flows: networkFlows(document, topology, Math.max(1, count ?? document.brief.readersAtOnce)),
    bytesOf: new Map(),
  }),
}
