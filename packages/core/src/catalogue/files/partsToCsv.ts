import Papa from 'papaparse'
import { partColumns, partValues } from '../partColumns'
import { columnValue } from '../sheetColumns'
import { cellText, LIKE_FORMULA, LIST_SEPARATOR } from './cells'
import type { CataloguePart, PartKind } from '../partKinds'

/** Columns that stand before the values of the data sheet, and the one behind them. */
export const LEADING_COLUMNS = ['kind', 'slug', 'version', 'ownedPieces'] as const
export const SOURCES_COLUMN = 'sources'

/**
 * Parts of one kind as comma-separated text, one line each; read again it gives the same parts.
 *
 * Empty cells are values that nobody knows. Lists stand in one cell, parted by semicolons; tables, as the
 * slots of a board, stand in one cell as JSON. A text that a spreadsheet would
 * run as a formula has an apostrophe before it. Source: RFC 4180, with a first line of column names.
 */
export function partsToCsv(kind: PartKind, parts: readonly CataloguePart[]): string {
  const columns = partColumns(kind)
  const fields = [...LEADING_COLUMNS, ...columns.map(({ name }) => name), SOURCES_COLUMN]
  const data = parts
    .filter(({ sheet }) => sheet.kind === kind)
    .map((part) => {
      const values = partValues(part)
      return [
        kind,
        part.slug,
        part.version,
        part.ownedPieces ?? 0,
        ...columns.map((column) => cellText(column, columnValue(values, column.name))),
        Object.entries(part.sheet.sources)
          .map(([field, source]) => `${field}=${source}`)
          .join(LIST_SEPARATOR),
      ]
    })
  return `${Papa.unparse({ fields, data }, { newline: '\n', escapeFormulae: LIKE_FORMULA })}\n`
}
