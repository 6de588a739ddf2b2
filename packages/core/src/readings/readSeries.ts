import { readTable } from './readTable'
import { readTime } from './readTime'

/** One line of a log. */
export interface Reading {
  /** Since 1970. */
  seconds: number
  watts: number
}

/** A log as it was read, with what was guessed of its form. */
export interface ReadSeries {
  /** By their time. */
  readings: Reading[]
  delimiter: string
  decimalSign: '.' | ','
  /** Which columns were taken, counted from 1. */
  timeColumn: number
  wattsColumn: number
  /** Lines that could not be taken, counted from 1; the head is none of them. */
  skippedLines: number[]
}

/** No machine at home draws as much. */
const MOST_WATTS = 100_000
const UNIT = /\s*W\s*$/i

/**
 * Reads a log of watts: one time and one number on each line, in whatever columns they are.
 *
 * Delimiter, decimal sign and columns are guessed from the first lines. Lines that have no time or no watts are told,
 * and the others are taken.
 *
 * @param text comma-separated text, or with semicolons or tabs
 * @returns null where no column has times, or none beside it has numbers
 */
export function readSeries(text: string): ReadSeries | null {
  const table = readTable(text, UNIT)
  const [wattsColumn] = table?.numberColumns ?? []
  if (!table || wattsColumn === undefined) return null
  const { rows, delimiter, decimalSign, timeColumn, numberOf } = table
  const readings: Reading[] = []
  const skippedLines: number[] = []
  rows.forEach((row, index) => {
    const seconds = readTime(row[timeColumn] ?? '')
    const watts = numberOf(row[wattsColumn] ?? '')
    const isWatts = watts !== null && watts >= 0 && watts <= MOST_WATTS
    if (seconds !== null && isWatts) readings.push({ seconds, watts })
    else if (index > 0) skippedLines.push(index + 1)
  })
  return {
    readings: readings.toSorted((one, other) => one.seconds - other.seconds),
    delimiter,
    decimalSign,
    timeColumn: timeColumn + 1,
    wattsColumn: wattsColumn + 1,
    skippedLines,
  }
}
