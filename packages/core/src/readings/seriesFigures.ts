import type { Reading } from './readSeries'
import { SECONDS_PER_HOUR } from '../units/time'

/**
 * A reading holds until the next one, but no longer than this: a log that stood still has measured nothing meanwhile.
 * Common practice, no source: loggers write every second to every five minutes.
 */
const HOLDS_SECONDS = 900
const SECONDS_PER_DAY = 86_400
const WATTS_PER_KILOWATT = 1_000

/** What a log says. */
export interface SeriesFigures {
  /** For how long somebody has measured. */
  hours: number
  meanWatts: number
  lowestWatts: number
  highestWatts: number
  kilowattHours: number
  /** Of the time, how much was nearer to asleep than to spinning; null where these are not told apart. */
  asleepShare: number | null
  /** Each day of the log, by its first second since 1970. */
  days: { fromSeconds: number; meanWatts: number; hours: number }[]
}

/**
 * What does a logged series come to?
 *
 * @param readings by their time
 * @param asleepBelowWatts the machine counts as asleep below this; null where nobody knows
 * @returns null for fewer than two readings
 */
export function seriesFigures(
  readings: readonly Reading[],
  asleepBelowWatts: number | null,
): SeriesFigures | null {
  if (readings.length < 2) return null
  const days = new Map<number, { wattSeconds: number; seconds: number }>()
  let [seconds, wattSeconds, asleepSeconds] = [0, 0, 0]
  let [lowest, highest] = [Infinity, 0]
  for (const [index, reading] of readings.entries()) {
    lowest = Math.min(lowest, reading.watts)
    highest = Math.max(highest, reading.watts)
    const next = readings[index + 1]
    if (!next) continue
    const held = Math.min(HOLDS_SECONDS, next.seconds - reading.seconds)
    seconds += held
    wattSeconds += held * reading.watts
    if (asleepBelowWatts !== null && reading.watts < asleepBelowWatts) asleepSeconds += held
    const day = Math.floor(reading.seconds / SECONDS_PER_DAY) * SECONDS_PER_DAY
    const before = days.get(day) ?? { wattSeconds: 0, seconds: 0 }
    days.set(day, {
      wattSeconds: before.wattSeconds + held * reading.watts,
      seconds: before.seconds + held,
    })
  }
  if (seconds === 0) return null
  return {
    hours: seconds / SECONDS_PER_HOUR,
    meanWatts: wattSeconds / seconds,
    lowestWatts: lowest,
    highestWatts: highest,
    kilowattHours: wattSeconds / SECONDS_PER_HOUR / WATTS_PER_KILOWATT,
    asleepShare: asleepBelowWatts === null ? null : asleepSeconds / seconds,
    days: [...days]
      .filter(([, day]) => day.seconds > 0)
      .map(([fromSeconds, day]) => ({
        fromSeconds,
        meanWatts: day.wattSeconds / day.seconds,
        hours: day.seconds / SECONDS_PER_HOUR,
      })),
  }
}
