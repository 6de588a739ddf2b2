import Papa from 'papaparse'
import { readTime } from './readTime'

/** A log whose form was found: which column has the times, and how numbers are written. */
export interface LogTable {
  rows: string[][]
  delimiter: string
  decimalSign: '.' | ','
  /** Counted from 0. */
  timeColumn: number
  /** Columns beside it that have numbers, the one with most of them first. */
  numberColumns: number[]
  /** The number of a cell; null where it is none. */
  numberOf: (cell: string) => number | null
}

/** As many lines show the form of all. */
const LOOKED_AT = 20

/**
 * Finds the form of a log: delimiter, decimal sign and columns are guessed from its first lines.
 *
 * @param unit what may stand behind a number
 * @returns null where no column has times, or none beside it has numbers
 */
export function readTable(text: string, unit: RegExp): LogTable | null {
  const { data, meta } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' })
  const looked = data.slice(0, LOOKED_AT + 1)
  const width = Math.max(0, ...looked.map((row) => row.length))
  const columns = Array.from({ length: width }, (_, column) => column)
  const inOrder = (read: (cell: string) => number | null, except: number): number[] =>
    columns
      .filter((column) => column !== except)
      .map((column) => ({
        column,
        taken: looked.filter((row) => read(row[column] ?? '') !== null).length,
      }))
      .filter(({ taken }) => taken > 0)
      .toSorted((one, other) => other.taken - one.taken)
      .map(({ column }) => column)
  const [timeColumn] = inOrder(readTime, -1)
  if (timeColumn === undefined) return null
  const decimalSign = signOf(looked, timeColumn)
  const numberOf = (cell: string): number | null => readNumber(cell.replace(unit, ''), decimalSign)
  const numberColumns = inOrder(numberOf, timeColumn)
  if (numberColumns.length === 0) return null
  return { rows: data, delimiter: meta.delimiter, decimalSign, timeColumn, numberColumns, numberOf }
}

/** A comma in a number that no delimiter has split is a decimal sign, but for groups of thousands beside a point. */
function signOf(rows: readonly string[][], timeColumn: number): '.' | ',' {
  const numbers = rows.flatMap((row) => row.filter((_, column) => column !== timeColumn))
  const withComma = numbers.filter((cell) => /\d,\d/.test(cell) && !cell.includes('.')).length
  const withPoint = numbers.filter((cell) => /\d\.\d/.test(cell)).length
  return withComma > withPoint ? ',' : '.'
}

function readNumber(cell: string, decimalSign: '.' | ','): number | null {
  const plain = cell.trim()
  const inPoints =
    decimalSign === ',' ? plain.replaceAll('.', '').replace(',', '.') : plain.replaceAll(',', '')
  return /^-?\d+(\.\d+)?$/.test(inPoints) ? Number(inPoints) : null
}
