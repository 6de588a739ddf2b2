import { type Limit, statusOf } from '../judging/limit'

/** Watts at the wall when nobody reads. A rule of its own speaks about it. */
export const idleLimit: Limit = ({ design, power }, format) => {
  const { brief } = design
  const { idleWattsLimit } = brief
  if (idleWattsLimit === null) return null
  return {
    id: 'idle',
    title: 'Idle at the wall',
    standing: statusOf(power.wallWatts, (watts) => watts <= idleWattsLimit),
    wanted: `at most ${format.watts(idleWattsLimit)}`,
    has: power.wallWatts === null ? 'no supply yet' : format.watts(power.wallWatts),
    finding: null,
  }
}
