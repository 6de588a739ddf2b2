import { piecesOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'

/** Drives are there but nothing holds data yet, or there are no drives at all. */
export const noPool: Rule = ({ design, machine }) => {
  if (design.pools.some(({ groups }) => groups.length > 0)) return []
  const drives = piecesOf(machine, 'drive').length
  return [
    {
      code: 'no-pool',
      severity: 'blocks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence:
        drives === 0
          ? 'No drive is fitted, so nothing can hold data.'
          : 'The drives are in no group yet, so nothing holds data.',
      numbers: { drives },
    },
  ]
}
