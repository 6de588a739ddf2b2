import type { Rule } from '../rule'

/** Drives that draw power and hold nothing. */
export const drivesInNoGroup: Rule = (document, { bays }, say) => {
  if (document.pools.length === 0) return []
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
      sentence: `${say.counted(idle.length, 'drive is', 'drives are')} in a bay but in no group${known ? `: ${say.watts(watts, 1)} for nothing` : '; what they draw is not known'}.`,
      numbers: { drives: idle.length, watts },
    },
  ]
}
