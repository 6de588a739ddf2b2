import { certain } from '../units/certain'
import type { DayProfile } from '../design/brief'
import type { Piece } from '../machine/piece'
import { type Band, exactBand, mapBand } from '../units/band'
import { DAYS_PER_BILL_YEAR } from './energyPerYear'
import { DAY_KINDS, DAYS_OF_WEEK, DAYS_PER_WEEK } from './weekDays'

/**
 * How often a disk may stop and start, where its data sheet does not say. Common practice, no source: 300,000 for the
 * heads of most; one every 20 minutes is more than ten years.
 */
export const USUAL_START_CYCLES = 300_000
/** From standing to reading. Common practice, no source. */
export const USUAL_SPIN_UP_SECONDS: Band = { low: 6, likely: 10, high: 20 }

/** What sleeping does to disks, and to who waits for them. */
export interface SpinDown {
  /** Of an average day, for each disk. */
  asleepHoursPerDay: number
  /** Times a year that each disk starts. */
  startsPerYear: number
  /** Until the rated number is used up; Infinity where they never stop. */
  yearsOfStarts: number
  /** How long the first reader waits where all disks that a read wakes start at once, and where each waits for the last. */
  firstWaitSeconds: Band
  oneByOneWaitSeconds: Band
}

/**
 * How long do disks sleep, how often do they start, and how long does the first reader wait?
 *
 * A simple model: by the hours of the day disks sleep where the profile says so, and start once after each such
 * stretch. Of a stretch the minutes until they stop are awake.
 *
 * @param wokenDisks that a read wakes
 */
export function spinDown(
  profile: DayProfile,
  spinDownMinutes: number,
  disks: readonly Piece<'drive'>[],
  wokenDisks: number,
): SpinDown {
  const perWeek = DAY_KINDS.map((kind) => {
    const stretches = asleepStretches(profile[kind])
    const hours = stretches.reduce(
      (sum, length) => sum + Math.max(0, length - spinDownMinutes / 60),
      0,
    )
    return { hours: hours * DAYS_OF_WEEK[kind], starts: stretches.length * DAYS_OF_WEEK[kind] }
  })
  const weekly = (of: 'hours' | 'starts'): number => perWeek.reduce((sum, one) => sum + one[of], 0)
  const startsPerYear = (weekly('starts') / DAYS_PER_WEEK) * DAYS_PER_BILL_YEAR
  const rated = Math.min(
    ...disks.map(({ dataSheet }) => dataSheet.startCycles ?? USUAL_START_CYCLES),
  )
  const seconds = disks.flatMap(({ dataSheet }) => dataSheet.spinUpSeconds ?? [])
  const isKnown = seconds.length === disks.length && disks.length > 0
  const atOnce = isKnown ? exactBand(Math.max(...seconds)) : USUAL_SPIN_UP_SECONDS
  return {
    asleepHoursPerDay: weekly('hours') / DAYS_PER_WEEK,
    startsPerYear,
    yearsOfStarts: startsPerYear === 0 ? Infinity : rated / startsPerYear,
    firstWaitSeconds: atOnce,
    oneByOneWaitSeconds: mapBand(atOnce, (one) => one * Math.max(1, wokenDisks)),
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
    if (index === 0 || turned[index - 1] !== 'asleep') lengths.push(1)
    else lengths.push(certain(lengths.pop()) + 1)
  })
  return lengths
}
