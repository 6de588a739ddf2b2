import Papa from 'papaparse'
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
/** As many lines show the form of all. */
const LOOKED_AT = 20

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
  const { data, meta } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' })
  const looked = data.slice(0, LOOKED_AT + 1)
  const width = Math.max(0, ...looked.map((row) => row.length))
  const columns = Array.from({ length: width }, (_, column) => column)
  const takenBy = (column: number, read: (cell: string) => number | null): number =>
    looked.filter((row) => read(row[column] ?? '') !== null).length
  const most = (read: (cell: string) => number | null, except: number): number => {
    const [best] = columns
      .filter((column) => column !== except)
      .toSorted((one, other) => takenBy(other, read) - takenBy(one, read))
    return best !== undefined && takenBy(best, read) > 0 ? best : -1
  }
  const timeColumn = most(readTime, -1)
  if (timeColumn === -1) return null
  const decimalSign = signOf(looked, timeColumn)
  const readWatts = (cell: string): number | null => readNumber(cell, decimalSign)
  const wattsColumn = most(readWatts, timeColumn)
  if (wattsColumn === -1) return null
  const readings: Reading[] = []
  const skippedLines: number[] = []
  data.forEach((row, index) => {
    const seconds = readTime(row[timeColumn] ?? '')
    const watts = readWatts(row[wattsColumn] ?? '')
    if (seconds !== null && watts !== null) readings.push({ seconds, watts })
    else if (index > 0) skippedLines.push(index + 1)
  })
  return {
    readings: readings.toSorted((one, other) => one.seconds - other.seconds),
    delimiter: meta.delimiter,
    decimalSign,
    timeColumn: timeColumn + 1,
    wattsColumn: wattsColumn + 1,
    skippedLines,
  }
}

/** A comma in a number that no delimiter has split is a decimal sign, but for groups of thousands beside a point. */
function signOf(rows: readonly string[][], timeColumn: number): '.' | ',' {
  const numbers = rows.flatMap((row) => row.filter((_, column) => column !== timeColumn))
  const withComma = numbers.filter((cell) => /\d,\d/.test(cell) && !cell.includes('.')).length
  const withPoint = numbers.filter((cell) => /\d\.\d/.test(cell)).length
  return withComma > withPoint ? ',' : '.'
}

function readNumber(cell: string, decimalSign: '.' | ','): number | null {
  const plain = cell.trim().replace(/\s*W$/i, '')
  const inPoints =
    decimalSign === ',' ? plain.replaceAll('.', '').replace(',', '.') : plain.replaceAll(',', '')
  if (!/^\d+(\.\d+)?$/.test(inPoints)) return null
  const watts = Number(inPoints)
  return watts <= MOST_WATTS ? watts : null
}
