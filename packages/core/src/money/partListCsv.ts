import Papa from 'papaparse'
import { minorPerMajor } from '../units/money'
import type { UnchosenLine } from './billLine'
import type { CostFigure } from './billOfMaterials'

/** New ones come last: whoever reads the file by place finds the old ones where they were. */
const COLUMNS = [
  'Part',
  'To buy',
  'Owned already',
  'Comes with another part',
  'Price each',
  'Shipping of the line',
  'Total',
  'Currency',
  'Discount',
  'Share of the order',
  'Tax in it',
  'To pay',
  'Currency of the list',
  'When',
  'Day',
  'Condition',
  'Shop',
  'Link',
]

/**
 * The part list as CSV, a row for each line of the bill, then what is still to choose: what a person takes to the shop, or into a spreadsheet.
 *
 * Money is a plain decimal in the currency of its row, the last columns in that of the bill; what is not known is
 * empty. Cells that a spreadsheet would run are made harmless. Source of the form: RFC 4180, written by a package.
 */
export function partListToCsv(
  { lines, currency }: Pick<CostFigure, 'lines' | 'currency'>,
  toChoose: readonly UnchosenLine[] = [],
): string {
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
  const open = toChoose.map(({ name, pieces }) => ({
    Part: name,
    'To buy': pieces,
    When: 'still to choose',
    'Currency of the list': currency,
  }))
  return `${Papa.unparse({ fields: COLUMNS, data: [...rows, ...open] }, { escapeFormulae: true })}\r\n`
}
