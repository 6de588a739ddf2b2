import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  poolId: string
  clusterBytes: number
}

/** A column pool is quick only when the file system writes whole rows of it. Common practice, no source. */
export const clusterSize: Rule<'cluster-size', Facts> = {
  code: 'cluster-size',
  step: 'drives',
  find: ({ pools, capacity }) =>
    capacity.pools.flatMap(({ poolId, capacity: figure }) => {
      const clusterBytes = figure?.clusterBytes
      if (clusterBytes === undefined) return []
      const groupIds = pools
        .filter(({ id }) => id === poolId)
        .flatMap(({ groups }) => groups.map(({ id }) => id))
      return found('note', { groupIds }, { poolId, clusterBytes })
    }),
  sentence: ({ poolId, clusterBytes }, { pool, format }) =>
    `Format ${pool(poolId)} with clusters of ${format.space(clusterBytes, 0)}, one whole row of data: with others every write reads first, and 100 MB/s become about 40.`,
}
