import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'

interface Facts {
  drives: number
}

/** Drives are there but nothing holds data yet, or there are no drives at all. */
export const noPool: Rule<'no-pool', Facts> = {
  code: 'no-pool',
  step: 'drives',
  find: ({ pools, machine }) => {
    if (pools.some(({ groups }) => groups.length > 0)) return []
    return [found('blocks', {}, { drives: piecesOf(machine, 'drive').length })]
  },
  sentence: ({ drives }) =>
    drives === 0
      ? 'No drive is fitted, so nothing can hold data.'
      : `The ${drives === 1 ? 'drive is' : 'drives are'} in no group yet, so nothing holds data.`,
}
