import Papa from 'papaparse'
import { minorPerMajor } from '../units/money'
import type { CostFigure } from './billOfMaterials'

/**
 * The part list as CSV, a row for each line of the bill: what a person takes to the shop, or into a spreadsheet.
 *
 * Money is a plain decimal in the currency of its row, the last columns in that of the bill; what is not known is
 * empty. Cells that a spreadsheet would run are made harmless. Source of the form: RFC 4180, written by a package.
 */
export function partListToCsv({ lines, currency }: Pick<CostFigure, 'lines' | 'currency'>): string {
  const decimal = (minor: number | null | undefined, of: string): string => {
    if (minor === null || minor === undefined) return ''
    const perMajor = minorPerMajor(of)
    return (minor / perMajor).toFixed(Math.round(Math.log10(perMajor)))
  }
  const rows = lines.map((line) => {
    const { price } = line
    const asked = (minor: number | null | undefined): string =>
      price ? decimal(minor, price.currency) : ''
    return {
      Part: line.name,
      'To buy': line.pieces,
      'Owned already': line.owned,
      'Comes with another part': line.included,
      'Price each': asked(price?.unitMinor),
      'Shipping of the line': asked(price?.shippingMinor),
      Total: asked(line.totalMinor),
      Currency: price?.currency ?? '',
      Discount: asked(line.discountMinor),
      'Share of the order': decimal(line.orderMinor, currency),
      'Tax in it': decimal(line.taxMinor, currency),
      'To pay': decimal(line.sumMinor, currency),
      'Currency of the list': currency,
      When: line.pieces > 0 ? line.buy : '',
      Day: line.on ?? '',
      Condition: line.condition,
      Shop: line.shop,
      Link: line.link,
    }
  })
  return `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`
}
