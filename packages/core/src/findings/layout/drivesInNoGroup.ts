import type { Rule } from '../../judging/rule'

/** Drives that draw power and hold nothing. */
export const drivesInNoGroup: Rule = ({ design, bays }, format) => {
  if (design.pools.length === 0) return []
  const idle = bays.bays.flatMap(({ drive }) => (drive && !drive.member ? [drive] : []))
  if (idle.length === 0) return []
  const known = idle.every(({ sheet }) => sheet.idleWatts !== null)
  const watts = idle.reduce((sum, { sheet }) => sum + (sheet.idleWatts ?? 0), 0)
  return [
    {
      code: 'drives-in-no-group',
      severity: 'note',
      step: 'drives',
      partIds: idle.map(({ part }) => part.id),
      groupIds: [],
      sentence: `${format.counted(idle.length, 'drive is', 'drives are')} in a bay but in no group${known ? `: ${format.watts(watts, 1)} for nothing` : '; what they draw is not known'}.`,
      numbers: { drives: idle.length, watts },
    },
  ]
}
