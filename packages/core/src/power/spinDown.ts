import type { DayProfile } from '../design/brief'
import type { Piece } from '../machine/piece'
import { DAYS_PER_BILL_YEAR } from './averagePrice'

/**
 * How often a disk may stop and start, where its data sheet does not say. Common practice, no source: 300,000 for the
 * heads of most; one every 20 minutes is more than ten years.
 */
export const USUAL_START_CYCLES = 300_000
/** From standing to reading. Common practice, no source. */
export const USUAL_SPIN_UP_SECONDS = { low: 6, likely: 10, high: 20 } as const
const DAYS = { weekday: 5, weekend: 2 } as const

/** What sleeping does to disks, and to who waits for them. */
export interface SpinDown {
  /** Of an average day, for each disk. */
  asleepHoursPerDay: number
  /** Times a year that each disk starts. */
  startsPerYear: number
  /** Until the rated number is used up; Infinity where they never stop. */
  yearsOfStarts: number
  /** How long the first reader waits. */
  firstWaitSeconds: { low: number; likely: number; high: number }
}

/**
 * How long do disks sleep, how often do they start, and how long does the first reader wait?
 *
 * A simple model: by the hours of the day disks sleep where the profile says so, and start once after each such
 * stretch. Of a stretch the minutes until they stop are awake. The first reader waits for all disks that the read wakes,
 * at once or, where a controller starts them one after another, for their sum.
 *
 * @param wokenDisks that a read wakes
 * @param oneByOne whether they start one after another
 */
export function spinDown(
  profile: DayProfile,
  spinDownMinutes: number,
  disks: readonly Piece<'drive'>[],
  wokenDisks: number,
  oneByOne: boolean,
): SpinDown {
  const perWeek = (['weekday', 'weekend'] as const).map((kind) => {
    const stretches = asleepStretches(profile[kind])
    const hours = stretches.reduce(
      (sum, length) => sum + Math.max(0, length - spinDownMinutes / 60),
      0,
    )
    return { hours: hours * DAYS[kind], starts: stretches.length * DAYS[kind] }
  })
  const weekly = (of: 'hours' | 'starts'): number => perWeek.reduce((sum, one) => sum + one[of], 0)
  const startsPerYear = (weekly('starts') / 7) * DAYS_PER_BILL_YEAR
  const rated = Math.min(
    ...disks.map(({ dataSheet }) => dataSheet.startCycles ?? USUAL_START_CYCLES),
  )
  const times = oneByOne ? Math.max(1, wokenDisks) : 1
  const seconds = disks.flatMap(({ dataSheet }) => dataSheet.spinUpSeconds ?? [])
  const known = seconds.length === disks.length && disks.length > 0 ? Math.max(...seconds) : null
  const { low, likely, high } =
    known === null ? USUAL_SPIN_UP_SECONDS : { low: known, likely: known, high: known }
  return {
    asleepHoursPerDay: weekly('hours') / 7,
    startsPerYear,
    yearsOfStarts: startsPerYear === 0 ? Infinity : rated / startsPerYear,
    firstWaitSeconds: { low: low * times, likely: likely * times, high: high * times },
  }
}

/** Lengths in hours of the stretches asleep of a day that is followed by one like it. */
function asleepStretches(hours: DayProfile['weekday']): number[] {
  if (hours.every((state) => state === 'asleep')) return [hours.length]
  const from = hours.findIndex(
    (state, hour) => state === 'asleep' && hours.at(hour - 1) !== 'asleep',
  )
  if (from === -1) return []
  const turned = [...hours.slice(from), ...hours.slice(0, from)]
  const lengths: number[] = []
  turned.forEach((state, index) => {
    if (state !== 'asleep') return
    if (index === 0 || turned[index - 1] !== 'asleep') lengths.push(0)
    lengths[lengths.length - 1] = (lengths.at(-1) ?? 0) + 1
  })
  return lengths
}
