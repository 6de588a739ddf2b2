import type { Rule } from '../../judging/rule'

/** A column pool is quick only when the file system writes whole rows of it. Common practice, no source. */
export const clusterSize: Rule = ({ design, capacity }, format) =>
  capacity.pools.flatMap(({ poolId, name, capacity: figure }) => {
    const clusterBytes = figure?.clusterBytes
    if (clusterBytes === undefined) return []
    return [
      {
        code: 'cluster-size',
        severity: 'note',
        step: 'drives',
        partIds: [],
        groupIds: design.pools
          .filter(({ id }) => id === poolId)
          .flatMap(({ groups }) => groups.map(({ id }) => id)),
        sentence: `Format pool ${name} with clusters of ${format.space(clusterBytes, 0)}, one whole row of data: with others every write reads first, and 100 MB/s become about 40.`,
        numbers: { clusterBytes },
      },
    ]
  })
