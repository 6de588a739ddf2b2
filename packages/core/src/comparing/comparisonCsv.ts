import Papa from 'papaparse'
import type { DesignComparison } from './compareDesigns'

/**
 * A comparison as CSV: one row for each figure, part and finding, a column for each design.
 *
 * Figures are what is likely, in bytes, watts and minor units; what is not known is empty. Cells that a spreadsheet
 * would run are made harmless. Source of the form: RFC 4180, written by a package.
 */
export function comparisonToCsv(
  names: readonly string[],
  { figures, parts, findings }: DesignComparison,
): string {
  const rows: (string | number)[][] = [
    ['What', '', ...names],
    ...figures.map(({ figure, values }) => [
      'figure',
      figure,
      ...values.map((value) => value?.likely ?? ''),
    ]),
    ...parts.map(({ name, counts }) => ['part', name, ...counts]),
    ...findings.map(({ sentence, isIn }) => [
      'finding',
      sentence,
      ...isIn.map((there) => (there ? 'yes' : 'no')),
    ]),
  ]
  return `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`
}
