import { DRAWS_POWER } from '../judging/drawsPower'
import type { Limit } from '../judging/limit'
import { bandText } from './amountText'
import type { Amount } from '../units/amount'

interface Facts {
  idleWattsLimit: number
  /** With its band; null without a supply. */
  wall: Amount<'W'> | null
}

/** Watts at the wall when nobody reads. */
export const idleLimit: Limit<'idle', Facts> = {
  id: 'idle',
  title: 'Idle at the wall',
  dependsOn: DRAWS_POWER,
  judge: ({ brief: { idleWattsLimit }, power: { wall } }) =>
    idleWattsLimit === null
      ? null
      : { bound: { most: idleWattsLimit }, has: wall, facts: { idleWattsLimit, wall } },
  wanted: ({ facts }, { format }) => `at most ${format.watts(facts.idleWattsLimit, 1)}`,
  has: ({ facts: { wall, idleWattsLimit } }, { format }) =>
    wall === null ? 'no supply yet' : bandText(wall, idleWattsLimit, format.watts),
}
