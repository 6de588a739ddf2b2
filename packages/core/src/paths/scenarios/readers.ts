import { networkFlows } from '../networkFlows'
import type { Scenario } from './scenario'

/** As many readers as the brief names; one when it names none. */
export const readers: Scenario = {
  id: 'readers',
  title: 'Readers',
  about: 'Each reader of the brief copies one large file over the network.',
  flowsOf: (document, topology) => ({
    flows: networkFlows(document, topology, Math.max(1, document.brief.readersAtOnce)),
    bytesOf: new Map(),
  }),
}
