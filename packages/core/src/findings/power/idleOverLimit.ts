import type { LimitedState } from '../../design/brief'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { idleLimit } from '../../limits/idleLimit'
import type { Amount } from '../../units/amount'

interface Facts {
  idleState: LimitedState
  wall: Amount<'W'>
  idleWattsLimit: number
}

/** What the limit of the brief is about. */
const STATE_WORDS: Record<LimitedState, string> = {
  spinning: 'idle',
  asleep: 'with disks asleep',
  mean: 'on average',
}

/** The estimate, or the upper end of its band, is over the brief's limit. */
export const idleOverLimit: Rule<'idle-over-limit', Facts> = {
  code: 'idle-over-limit',
  step: 'brief',
  find: ({ judged }) => {
    const limit = judged(idleLimit)
    if (!limit || limit.status === 'kept' || limit.status === 'not known') return []
    const { wall, idleWattsLimit, idleState } = limit.facts
    if (!wall) return []
    const severity = wall.likely > idleWattsLimit ? 'risks' : 'note'
    return [found(severity, {}, { wall, idleWattsLimit, idleState })]
  },
  sentence: ({ wall, idleWattsLimit, idleState }, { format }) => {
    const state = STATE_WORDS[idleState]
    const { low, likely, high } = wall
    const [is, most] = format.apart(likely, idleWattsLimit, format.watts)
    if (low > idleWattsLimit) return `${is} ${state} at the wall, over the limit of ${most}.`
    if (likely > idleWattsLimit) {
      const [least] = format.apart(low, idleWattsLimit, format.watts)
      return `${is} ${state} at the wall is over the limit of ${most}; with luck it is ${least}.`
    }
    const [worst] = format.apart(high, idleWattsLimit, format.watts)
    return `${is} ${state} keeps the limit of ${most}, but measured it may be up to ${worst}.`
  },
}
