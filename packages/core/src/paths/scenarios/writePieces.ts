import { fileFlows } from '../fileFlows'
import { anybody } from './anybody'
import type { Scenario } from './scenario'

/** Changes inside files, as of guests and databases, and a column pool that is not formatted for its rows. */
export const writePieces: Scenario = {
  id: 'write-pieces',
  title: 'Writing in pieces',
  about:
    'One machine changes files in place, in pieces smaller than a stripe; a column pool with clusters that are not one row writes like this always.',
  asks: { pool: 'the largest' },
  flowsOf: (design, machine, { poolId }) =>
    fileFlows(design, machine, anybody, 'write pieces', poolId),
}
