import type { ReadTemperatures } from '@flint/core/files'
import {
  type AwayDrive,
  type EventKind,
  type FillTrend,
  listed,
  type Reminder,
  type SmartReading,
} from '@flint/core/figures'
import { format } from '../../controls/locale'

/** In the words of whoever writes it down. */
export const EVENT_WORDS: Record<EventKind, string> = {
  failed: 'failed',
  'sent back': 'sent back',
  'came back': 'came back',
  replaced: 'replaced',
  firmware: 'firmware changed',
  cleaned: 'cleaned',
  moved: 'moved',
  note: 'note',
}

export const REMINDER_WORDS: Record<Reminder, { title: string; why: string }> = {
  scrub: {
    title: 'Scrub every pool',
    why: 'Reads all of it, so that what has rotted is mended while it can be.',
  },
  'self-test': { title: 'Long self-test of every drive', why: 'Finds sectors that nobody reads.' },
  'second copy': { title: 'Make the second copy', why: 'As often as the brief says.' },
  'read the second copy back': {
    title: 'Read the second copy back',
    why: 'Restore a folder and compare it. A copy that nobody has read is a hope.',
  },
  dust: { title: 'Clean filters and fans', why: 'Switched off and unplugged.' },
  'UPS battery': {
    title: 'Test the battery of the UPS',
    why: 'Batteries last three to five years. They are heavy and hold energy to burn; old ones go to a collection point.',
  },
}

const MONTHS = 12

/** When it is full, beside what the brief said: "full in 14 months; the brief looks 36 months ahead". */
export function fillWords({ fullInYears, bytesPerYear }: FillTrend, horizonYears: number): string {
  const rate =
    bytesPerYear >= 0
      ? `It fills by ${format.space(bytesPerYear)} a year`
      : `It gets emptier by ${format.space(-bytesPerYear)} a year`
  if (fullInYears === null) return `${rate}.`
  const months = Math.floor(fullInYears * MONTHS)
  const when =
    months === 0 ? 'it is full within a month' : `it is full in ${format.counted(months, 'month')}`
  const ahead = `the brief looks ${format.counted(Math.round(horizonYears * MONTHS), 'month')} ahead`
  return `${rate}: ${when}; ${ahead}.`
}

/** Where it is, what waits for it, and what could stand in: "sent back, 7 days late; pool plates is degraded". */
export function awayWords(
  { isSentBack, isRebuilding, pool, spareIds, daysLate }: AwayDrive,
  nameOf: (id: string) => string,
): string {
  const [spare] = spareIds
  const where = isSentBack
    ? 'sent back'
    : isRebuilding
      ? 'in its place, being rebuilt'
      : 'taken out'
  const parts = [
    `${where}${daysLate === null ? '' : `, ${format.counted(daysLate, 'day')} late`}`,
    pool === null ? 'no pool waits for it' : `pool ${pool.name} is ${pool.state}`,
    ...(spare === undefined ? [] : [`${nameOf(spare)} could stand in`]),
  ]
  return `${parts.join('; ')}.`
}

/** What of a drive's health is a number that moves. */
export type HealthField = Extract<
  keyof SmartReading,
  | 'interfaceErrors'
  | 'reallocated'
  | 'pending'
  | 'uncorrectable'
  | 'hours'
  | 'usedShare'
  | 'writtenBytes'
>

interface HealthWords {
  title: string
  write: (value: number) => string
  /** Of several drives: errors add up, of ages and wear the most counts. */
  together: (values: readonly number[]) => number
}

const sum = (values: readonly number[]): number => values.reduce((total, one) => total + one, 0)
const most = (values: readonly number[]): number => Math.max(...values)
const counted = (title: string): HealthWords => ({
  title,
  write: (value) => format.number(value),
  together: sum,
})

export const HEALTH_WORDS: Record<HealthField, HealthWords> = {
  interfaceErrors: counted('errors on the way'),
  reallocated: counted('sectors replaced'),
  pending: counted('sectors waiting'),
  uncorrectable: counted('sectors unreadable'),
  hours: {
    title: 'hours of running',
    write: (hours) => `${format.number(hours)} h`,
    together: most,
  },
  usedShare: { title: 'life used up', write: (share) => format.percent(share), together: most },
  writtenBytes: {
    title: 'written in its life',
    write: (bytes) => format.drive(bytes),
    together: sum,
  },
}

/** What came of a log: "a.csv: 1,200 temperatures of drives and room, 3 of them new; 1 line left out, line 7." */
export function takenWords(
  file: string,
  {
    temperatures,
    names,
    skippedLines,
  }: Pick<ReadTemperatures, 'temperatures' | 'names' | 'skippedLines'>,
  kept: number,
): string {
  const again = temperatures.length - kept
  const parts = [
    `${file}: ${format.counted(temperatures.length, 'temperature')} of ${listed(names)}`,
    ...(again > 0 ? [`${format.number(again)} were there already`] : []),
    ...(skippedLines.length > 0
      ? [
          `${format.counted(skippedLines.length, 'line')} left out, the first of them line ${format.number(skippedLines[0] ?? 0)}`,
        ]
      : []),
  ]
  return `${parts.join('; ')}.`
}
