import { cutText } from '../units/cutText'
import { readTable } from './readTable'
import { readTime } from './readTime'

/** A temperature that something showed at some time. */
export interface Temperature {
  /** As ISO 8601 has it. */
  at: string
  /** Of what: the head of its column. */
  name: string
  celsius: number
}

/** A log of temperatures as it was read. */
export interface ReadTemperatures {
  temperatures: Temperature[]
  /** In the order in which they come. */
  names: string[]
  /** Lines that could not be taken, counted from 1; the head is none of them. */
  skippedLines: number[]
}

/** Nothing in a house is colder or warmer than this, and goes on. */
const LEAST_CELSIUS = -60
const MOST_CELSIUS = 150
const UNIT = /\s*°?\s*C\s*$/i
const LONGEST_NAME = 80

/**
 * Reads a log of temperatures: one time on each line, and beside it as many columns of degrees as there are sensors,
 * named by the first line. The file that is written of kept ones is read too, which has the name on each line.
 *
 * Clocks are taken as they stand, as if they kept UTC. Lines without a time, or without any temperature that can be, are
 * told, and the others are taken; an empty cell is a sensor that said nothing.
 *
 * @param text comma-separated text, or with semicolons or tabs
 * @returns null where no column has times, or none beside it has numbers
 * A file "time;drives;room" with "2026-11-20 18:00;38,5;22" has 38.5 of drives and 22 of room.
 */
export function readTemperatures(text: string): ReadTemperatures | null {
  const table = readTable(text, UNIT)
  if (!table) return null
  const { rows, timeColumn, numberOf } = table
  const [first = []] = rows
  const isHead = readTime(first[timeColumn] ?? '') === null
  const heads = isHead ? first.map((head) => head.trim()) : []
  const [nameColumn, celsiusColumn] = [heads.indexOf('name'), heads.indexOf('celsius')]
  const isNamed = nameColumn !== -1 && celsiusColumn !== -1
  const columns = isNamed
    ? [celsiusColumn]
    : table.numberColumns.toSorted((one, other) => one - other)
  const nameOf = (column: number, row: readonly string[]): string => {
    const said = isNamed ? row[nameColumn] : heads[column]
    return cutText((said ?? '').trim(), LONGEST_NAME) || `column ${column + 1}`
  }
  const temperatures: Temperature[] = []
  const skippedLines: number[] = []
  rows.forEach((row, index) => {
    const seconds = readTime(row[timeColumn] ?? '')
    const taken = columns.flatMap((column) => {
      const celsius = numberOf(row[column] ?? '')
      const isOne = celsius !== null && celsius >= LEAST_CELSIUS && celsius <= MOST_CELSIUS
      return isOne ? [{ name: nameOf(column, row), celsius }] : []
    })
    if (seconds === null || taken.length === 0) {
      if (index > 0 || !isHead) skippedLines.push(index + 1)
      return
    }
    const at = new Date(seconds * 1_000).toISOString()
    temperatures.push(...taken.map((one) => ({ at, ...one })))
  })
  const names = [...new Set(temperatures.map(({ name }) => name))]
  return { temperatures, names, skippedLines }
}
