import { type BurnInPlan, MS_PER_HOUR } from '@flint/core/figures'
import { ICalCalendar } from 'ical-generator'

/**
 * The batches of a burn-in as a calendar file (RFC 5545, written by a package), with a reminder when each ends.
 *
 * @param nameOf a drive as a person finds it
 */
export function burnInCalendar(
  designName: string,
  { batches }: Pick<BurnInPlan, 'batches'>,
  starts: Date,
  nameOf: (driveId: string) => string,
): string {
  const calendar = new ICalCalendar({ name: `${designName}: burn-in` })
  for (const [index, { driveIds, startsHour, hours }] of batches.entries()) {
    const start = new Date(starts.getTime() + startsHour * MS_PER_HOUR)
    calendar.createEvent({
      id: `burn-in-${index + 1}-${start.toISOString()}`,
      start,
      end: new Date(start.getTime() + hours * MS_PER_HOUR),
      summary: `Burn-in ${index + 1} of ${batches.length}: ${designName}`,
      description: `${driveIds.map(nameOf).join('\n')}\nNote their health before and after.`,
    })
  }
  return calendar.toString()
}
