import { type Limit, standingOf } from './limit'

/** Watts at the wall when nobody reads. A rule of its own speaks about it. */
export const idleLimit: Limit = ({ brief }, { power }, say) => {
  const { idleWattsLimit } = brief
  if (idleWattsLimit === null) return null
  return {
    id: 'idle',
    title: 'Idle at the wall',
    standing: standingOf(power.wallWatts, (watts) => watts <= idleWattsLimit),
    wanted: `at most ${say.watts(idleWattsLimit)}`,
    has: power.wallWatts === null ? 'no supply yet' : say.watts(power.wallWatts),
    finding: null,
  }
}
