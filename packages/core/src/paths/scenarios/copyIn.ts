import { dataNowBytes } from '../../design/brief'
import { fileFlows } from '../fileFlows'
import { anybody } from './anybody'
import type { Scenario } from './scenario'

/** Today's data brought in from an old server, which fills one network port at most. */
export const copyIn: Scenario = {
  id: 'copy-in',
  title: 'Copy in from an old server',
  about: 'All data of today comes over one network port and is written with its redundancy.',
  asks: { pool: 'the largest' },
  flowsOf: (design, machine, { poolId }) => {
    const { flows } = fileFlows(design, machine, anybody, 'write', poolId)
    const bytes = dataNowBytes(design.brief)
    return {
      flows,
      writesOf: new Map(
        bytes > 0 ? flows.map(({ id, pool, drives }) => [id, { bytes, pool, drives }]) : [],
      ),
    }
  },
}
