import type { Rule } from '../rule'

/** The estimate, or the upper end of its band, is over the brief's limit. */
export const idleOverLimit: Rule = ({ brief }, { power }, say) => {
  const { wallWatts, highWallWatts } = power
  const { idleWattsLimit } = brief
  if (wallWatts === null || highWallWatts === null || idleWattsLimit === null) return []
  if (highWallWatts <= idleWattsLimit) return []
  const over = wallWatts > idleWattsLimit
  return [
    {
      code: 'idle-over-limit',
      severity: over ? 'risks' : 'note',
      step: 'brief',
      partIds: [],
      groupIds: [],
      sentence: over
        ? `${say.watts(wallWatts)} idle at the wall, over the limit of ${say.watts(idleWattsLimit)}.`
        : `${say.watts(wallWatts)} idle keeps the limit of ${say.watts(idleWattsLimit)}, but measured it may be up to ${say.watts(highWallWatts)}.`,
      numbers: { wallWatts, highWallWatts, idleWattsLimit },
    },
  ]
}
