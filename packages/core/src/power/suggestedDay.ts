import type { Brief, DayProfile, HourState } from '../design/brief'
import type { HouseRules } from '../design/houseRules'

/** When people at home read: evenings of weekdays, afternoons and evenings at weekends. Common practice, no source. */
const READING = { weekday: { from: 18, to: 22 }, weekend: { from: 14, to: 22 } } as const
/** When most of them do so at once. Common practice, no source. */
const ALL_AT_ONCE = { from: 20, to: 21 }
/** From so many readers on there is such an hour. */
const MANY_READERS = 3
/** When copies are made at night. Common practice, no source. */
const COPY_HOUR = 3
const HOURS_PER_DAY = 24

/**
 * What does the machine do in each hour, when nobody has said it?
 *
 * Without readers it idles all day, and by the house rule its disks sleep or spin; a daily second copy takes an hour of
 * the night.
 *
 * @returns the day of a machine whose brief names one reader: four hours of reading on a weekday
 */
export function suggestedDay(
  {
    readersAtOnce,
    readers,
    secondCopyEveryHours,
  }: Pick<Brief, 'readersAtOnce' | 'readers' | 'secondCopyEveryHours'>,
  { spinDownMinutes }: Pick<HouseRules, 'spinDownMinutes'>,
): DayProfile {
  const count = Math.max(readersAtOnce, readers.length)
  const idle: HourState = spinDownMinutes === null ? 'spinning' : 'asleep'
  const dayOf = ({ from, to }: { from: number; to: number }): HourState[] =>
    Array.from({ length: HOURS_PER_DAY }, (_, hour): HourState => {
      const copies = secondCopyEveryHours !== null && secondCopyEveryHours <= HOURS_PER_DAY
      if (copies && hour === COPY_HOUR) return 'one reader'
      if (count === 0 || hour < from || hour >= to) return idle
      const isBusiest = hour >= ALL_AT_ONCE.from && hour < ALL_AT_ONCE.to
      return count >= MANY_READERS && isBusiest ? 'all readers' : 'one reader'
    })
  return { weekday: dayOf(READING.weekday), weekend: dayOf(READING.weekend) }
}
