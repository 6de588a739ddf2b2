import type { Rule } from '../../judging/rule'

/** The estimate, or the upper end of its band, is over the brief's limit. */
export const idleOverLimit: Rule = ({ design, power }, format) => {
  const { brief } = design
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
        ? `${format.watts(wallWatts)} idle at the wall, over the limit of ${format.watts(idleWattsLimit)}.`
        : `${format.watts(wallWatts)} idle keeps the limit of ${format.watts(idleWattsLimit)}, but measured it may be up to ${format.watts(highWallWatts)}.`,
      numbers: { wallWatts, highWallWatts, idleWattsLimit },
    },
  ]
}
