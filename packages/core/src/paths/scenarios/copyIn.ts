import { dataNowBytes } from '../../design/brief'
import type { Pool } from '../../design/design'
import { familyOf } from '../../pool/families'
import { networkFlows } from '../networkFlows'
import type { Scenario } from './scenario'

/** Today's data brought in from an old server, which fills one network port at most. */
export const copyIn: Scenario = {
  id: 'copy-in',
  title: 'Copy in from an old server',
  about: 'All data of today comes over one network port and is written with its redundancy.',
  asks: null,
  flowsOf: (design, machine) => {
    const loadOf = (pool: Pool, members: number): number => {
      const { streamingDrives } = familyOf(pool).traits(pool)
      return streamingDrives > 1 ? members / streamingDrives : 1
    }
    const flows = networkFlows(design, machine, 1, loadOf, 'in')
    const bytes = dataNowBytes(design.brief)
    return { flows, bytesOf: new Map(bytes > 0 ? flows.map(({ id }) => [id, bytes]) : []) }
  },
}
