import type { LimitedState } from '../design/brief'
import { DRAWS_POWER } from '../judging/drawsPower'
import type { Limit } from '../judging/limit'
import { bandText } from './amountText'
import type { Amount } from '../units/amount'

interface Facts {
  idleWattsLimit: number
  idleState: LimitedState
  /** With its band; null without a supply. */
  wall: Amount<'W'> | null
}

/** What the figure is about, where it is not disks that spin. */
const LIMITED_WORDS: Record<LimitedState, string> = {
  spinning: '',
  asleep: ', disks asleep',
  mean: ' on average',
}

/** Watts at the wall when nobody reads, or on average, as the brief asks. */
export const idleLimit: Limit<'idle', Facts> = {
  id: 'idle',
  title: 'Idle at the wall',
  dependsOn: DRAWS_POWER,
  judge: ({ brief: { idleWattsLimit, idleState }, power }) => {
    if (idleWattsLimit === null) return null
    const wall = power.shown
    return {
      bound: { most: idleWattsLimit },
      has: wall,
      facts: { idleWattsLimit, wall, idleState },
    }
  },
  wanted: ({ facts }, { format }) => `at most ${format.watts(facts.idleWattsLimit, 1)}`,
  has: ({ facts: { wall, idleWattsLimit, idleState } }, { format }) =>
    wall === null
      ? 'no supply yet'
      : `${bandText(wall, idleWattsLimit, format.watts)}${LIMITED_WORDS[idleState]}`,
}
