import Papa from 'papaparse'
import { minorPerMajor } from '../units/money'
import type { CostFigure } from './billOfMaterials'

/**
 * The part list as CSV, a row for each part: what a person takes to the shop, or into a spreadsheet.
 *
 * Money is a plain decimal in the currency of its row; what is not known is empty. Cells that a spreadsheet would run
 * are made harmless. Source of the form: RFC 4180, written by a package.
 */
export function partListToCsv({ lines }: Pick<CostFigure, 'lines'>): string {
  const rows = lines.map(({ name, pieces, owned, included, price, totalMinor }) => {
    const money = (minor: number | null | undefined): string => {
      if (!price || minor === null || minor === undefined) return ''
      const perMajor = minorPerMajor(price.currency)
      return (minor / perMajor).toFixed(Math.round(Math.log10(perMajor)))
    }
    return {
      Part: name,
      'To buy': pieces,
      'Owned already': owned,
      'Comes with another part': included,
      'Price each': money(price?.unitMinor),
      'Shipping of the line': money(price?.shippingMinor),
      Total: money(totalMinor),
      Currency: price?.currency ?? '',
    }
  })
  return `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`
}
