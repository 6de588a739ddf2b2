import { MS_PER_HOUR, type Reminder } from '@flint/core/figures'
import { ICalCalendar, ICalEventRepeatingFreq } from 'ical-generator'
import { REMINDER_WORDS } from './logWords'

const MS_PER_DAY = 86_400_000

/** What is to be done again and again, as a calendar file (RFC 5545, written by a package); each begins after its first time. */
export function reminderCalendar(
  designName: string,
  list: readonly { reminder: Reminder; everyDays: number }[],
  now: Date,
): string {
  const calendar = new ICalCalendar({ name: `${designName}: to do` })
  for (const { reminder, everyDays } of list) {
    const { title, why } = REMINDER_WORDS[reminder]
    const start = new Date(now.getTime() + everyDays * MS_PER_DAY)
    calendar.createEvent({
      id: `${reminder.replace(/\W/g, '-')}-${now.toISOString()}`,
      start,
      end: new Date(start.getTime() + MS_PER_HOUR),
      summary: `${designName}: ${title}`,
      description: why,
      repeating: { freq: ICalEventRepeatingFreq.DAILY, interval: everyDays },
    })
  }
  return calendar.toString()
}
