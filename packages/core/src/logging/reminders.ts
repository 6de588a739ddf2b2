import type { Design } from '../design/design'
import { fittedOfKind } from '../design/fittedParts'

/** What is to be done again and again while a machine runs. */
export const REMINDERS = [
  'scrub',
  'self-test',
  'second copy',
  'read the second copy back',
  'dust',
  'UPS battery',
] as const
export type Reminder = (typeof REMINDERS)[number]

/**
 * What is to be done with this machine, and how often, in days.
 *
 * Common practice, no source: scrub and long self-test each month, the second copy read back twice a year, filters and
 * the battery of a UPS once a year. The second copy as often as the brief says.
 */
export function reminders(
  design: Pick<Design, 'brief' | 'pools' | 'fitted' | 'snapshots'>,
): { reminder: Reminder; everyDays: number }[] {
  const { brief, pools } = design
  const hasDrives = fittedOfKind(design, 'drive').length > 0
  const everyHours = brief.secondCopyEveryHours
  return [
    ...(pools.length > 0 ? [{ reminder: 'scrub' as const, everyDays: 30 }] : []),
    ...(hasDrives ? [{ reminder: 'self-test' as const, everyDays: 30 }] : []),
    ...(everyHours === null
      ? []
      : [
          { reminder: 'second copy' as const, everyDays: Math.max(1, Math.round(everyHours / 24)) },
        ]),
    ...(hasDrives ? [{ reminder: 'read the second copy back' as const, everyDays: 182 }] : []),
    ...(hasDrives ? [{ reminder: 'dust' as const, everyDays: 365 }] : []),
    ...(fittedOfKind(design, 'ups').length > 0
      ? [{ reminder: 'UPS battery' as const, everyDays: 365 }]
      : []),
  ]
}
