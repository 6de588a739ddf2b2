import type { Limit } from '../judging/limit'
import { exactly, exactOf } from '../units/amount'

interface Facts {
  lossHoursTolerated: number
  /** Without a second copy all of it is lost, not only the newest work. */
  everything: boolean
}

/** How much of the newest work is gone when the machine is lost: all since the last second copy. */
export const lossLimit: Limit<'loss', Facts> = {
  id: 'loss',
  title: 'Most work lost',
  dependsOn: [],
  judge: ({ brief: { lossHoursTolerated, secondCopy, secondCopyEveryHours } }) => {
    if (lossHoursTolerated === null) return null
    const everything = secondCopy.trim() === ''
    const missing = [{ pieceId: null, field: 'secondCopyEveryHours' }]
    const hours =
      secondCopyEveryHours === null ? exactly(0, 'h', missing) : exactly(secondCopyEveryHours, 'h')
    return {
      bound: { most: lossHoursTolerated },
      has: everything ? exactly(Number.MAX_VALUE, 'h') : hours,
      facts: { lossHoursTolerated, everything },
    }
  },
  wanted: ({ facts }, { format }) =>
    `at most ${format.number(facts.lossHoursTolerated, 1)} h of work`,
  has: ({ has, facts }, { format }) => {
    if (facts.everything) return 'everything'
    if (!has || has.missing.length > 0) return 'not known'
    return `up to ${format.apart(exactOf(has), facts.lossHoursTolerated, format.number, 1)[0]} h`
  },
}
