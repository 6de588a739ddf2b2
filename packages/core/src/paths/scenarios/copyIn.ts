import { dataNowBytes } from '../../design/brief'
import { networkFlows } from '../networkFlows'
import type { Scenario } from './scenario'

/** Today's data brought in from an old server, which fills one network port at most. */
export const copyIn: Scenario = {
  id: 'copy-in',
  title: 'Copy in from an old server',
  about: 'All data of today comes over one network port and is written with its redundancy.',
  asks: null,
  flowsOf: (design, machine) => {
    const flows = networkFlows(design, machine, 1, 'in')
    const bytes = dataNowBytes(design.brief)
    return { flows, bytesOf: new Map(bytes > 0 ? flows.map(({ id }) => [id, bytes]) : []) }
  },
}
