import { found } from '../../judging/finding'
import { upperFirst } from '../../units/firstLetter'
import { KIB, MIB } from '../../units/bytes'
import type { Rule } from '../../judging/rule'

/** Cluster sizes that file systems for such pools offer, in bytes. From memory. */
export const SMALLEST_CLUSTER = 4 * KIB
export const LARGEST_CLUSTER = 2 * MIB

interface Facts {
  poolId: string
  /** One whole row of data. */
  rowBytes: number
  /** Whether a cluster can be as large as that: clusters are powers of two. */
  canMatch: boolean
}

/**
 * A column pool with parity is quick only when the file system writes whole rows of it. Common practice, no source.
 * Without parity nothing is read before a write, whatever the clusters are.
 */
export const clusterSize: Rule<'cluster-size', Facts> = {
  code: 'cluster-size',
  step: 'drives',
  find: ({ pools, capacity }) =>
    capacity.pools.flatMap(({ poolId, capacity: figure }) => {
      const rowBytes = figure?.clusterBytes
      const pool = pools.find(({ id }) => id === poolId)
      if (rowBytes === undefined || pool?.family !== 'columns' || pool.parity === 0) return []
      const canMatch =
        Number.isInteger(Math.log2(rowBytes)) &&
        rowBytes >= SMALLEST_CLUSTER &&
        rowBytes <= LARGEST_CLUSTER
      const groupIds = pool.groups.map(({ id }) => id)
      return found('note', { groupIds }, { poolId, rowBytes, canMatch })
    }),
  sentence: ({ poolId, rowBytes, canMatch }, { pool, format }) =>
    canMatch
      ? `Format ${pool(poolId)} with clusters of ${format.space(rowBytes, 0)}, one whole row of data: with others every write reads first, and 100 MB/s become about 40.`
      : `${upperFirst(pool(poolId))} has rows of ${format.space(rowBytes, 0)}, and no cluster size fills them: every write reads first, and 100 MB/s become about 40. Two, four or eight data columns avoid it.`,
}
