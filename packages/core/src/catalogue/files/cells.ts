import { readQuantity } from '../../units/readQuantity'
import type { SheetColumn } from '../sheetColumns'

/** Between the entries of a list in one cell. */
export const LIST_SEPARATOR = '; '

/**
 * Cells that a spreadsheet would run as a formula when the file is opened in it, and those that look like one made
 * harmless. Numbers may begin with a minus.
 * Source: OWASP, CSV Injection.
 */
export const LIKE_FORMULA = /^(?:'*[=+@\t\r]|'+-|-(?!\d+(?:\.\d+)?(?:e[+-]?\d+)?$))/i

/** The text that a cell had before it was made harmless. */
export const withoutGuard = (cell: string): string => cell.replace(/^'(?='*[=+@-])/, '')

/** A value of a data sheet as the text of one cell; empty where it is not known. */
export function cellText({ type }: SheetColumn, value: unknown): string {
  if (value === null) return ''
  if (type === 'table' || type === 'parts') return JSON.stringify(value)
  if (type === 'list') {
    const entries = value as (string | number)[]
    // An empty list says that there is none, which is not the same as not knowing; and an entry may have
    // a semicolon or a bracket in its own text.
    const plain = entries.length > 0 && entries.every((entry) => !/[;[\n]/.test(String(entry)))
    return plain ? entries.join(LIST_SEPARATOR) : JSON.stringify(entries)
  }
  if (type === 'yes or no') return value === true ? 'yes' : 'no'
  return typeof value === 'string' || typeof value === 'number' ? String(value) : ''
}

/** Reads one cell: its value, null for an empty one, or why it cannot be read. */
export function readCell(
  column: SheetColumn,
  text: string,
): { value: unknown } | { reason: string } {
  const cell = text.trim()
  if (cell === '') return { value: null }
  const value = valueOf(column, cell)
  return value === undefined ? { reason: reasonFor(column, cell) } : { value }
}

/** What a cell says; undefined when it cannot be read as the column's type. */
function valueOf(column: SheetColumn, cell: string): unknown {
  const { type, choices, unit } = column
  if (unit === 'B') return bytesOf(cell)
  switch (type) {
    case 'number':
    case 'whole number':
      return numberOf(cell, unit)
    case 'yes or no':
      return { yes: true, no: false }[cell.toLowerCase()]
    case 'choice':
      return choices.find((choice) => String(choice) === cell)
    case 'list':
      return listOf(cell, column)
    case 'table':
    case 'parts':
      return jsonOf(cell)
    default:
      return cell
  }
}

/**
 * A number that can mean two things is none in a file, where nobody sees what was understood. Decimals have always had
 * a point in files, so one with a point alone means but one.
 */
function numberOf(cell: string, unit = ''): number | undefined {
  const read = readQuantity(cell, unit)
  return 'problem' in read || (read.isAmbiguous && !/^-?\d+\.\d+$/.test(cell))
    ? undefined
    : read.value
}

function bytesOf(cell: string): number | undefined {
  const bytes = numberOf(cell, 'B')
  return bytes === undefined ? undefined : Math.round(bytes)
}

function listOf(cell: string, { entries }: SheetColumn): unknown {
  if (cell.startsWith('[')) return jsonOf(cell)
  return cell
    .split(';')
    .map((entry) => entry.trim())
    .filter((entry) => entry !== '')
    .map((entry) => (entries === 'number' ? (numberOf(entry) ?? entry) : entry))
}

function jsonOf(cell: string): unknown {
  try {
    return JSON.parse(cell)
  } catch {
    return undefined
  }
}

function reasonFor({ type, choices, unit }: SheetColumn, cell: string): string {
  if (unit === 'B') return `“${cell}” is not a size; write it as bytes, 12 TB or 16 GiB.`
  switch (type) {
    case 'yes or no':
      return `“${cell}” must be yes or no.`
    case 'choice':
      return `“${cell}” must be one of ${choices.join(', ')}.`
    case 'list':
    case 'table':
    case 'parts':
      return 'The cell is not JSON.'
    default:
      return unit === '' || unit === 'cents'
        ? `“${cell}” is not a number; decimals have a point.`
        : `“${cell}” is not a number of ${unit}, nor of a unit like it; decimals have a point.`
  }
}
