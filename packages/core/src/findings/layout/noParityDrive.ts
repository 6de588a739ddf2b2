import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

/** An array whose parity drive is away, or was taken out: it can be read and written, and nothing stands in for a failed drive. */
export const noParityDrive: Rule = ({ design, survival }) =>
  survival.pools.flatMap(({ poolId, state }): Finding[] => {
    const pool = design.pools.find(({ id }) => id === poolId)
    if (state !== 'without parity' || !pool) return []
    return [
      {
        code: 'no-parity-drive',
        severity: 'risks',
        step: 'drives',
        partIds: [],
        groupIds: pool.groups.map(({ id }) => id),
        sentence: `Pool ${pool.name} has no parity drive at the moment: every drive that fails takes its files along. Put only on it what is elsewhere too.`,
        numbers: {},
      },
    ]
  })
