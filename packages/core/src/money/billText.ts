import type { Formatter } from '../units/formatter'
import type { BillLine, UnchosenLine } from './billLine'
import type { CostFigure } from './billOfMaterials'

/**
 * The part list as plain text, to paste into a message: a line for each thing that is to be bought, then the sum.
 *
 * "4 × Marrowby Hush 8: €165.00 each, used, Corner" and at the end "Together €1,235.30, shipping included".
 */
export function billText(
  name: string,
  { lines, total, currency }: Pick<CostFigure, 'lines' | 'total' | 'currency'>,
  format: Formatter,
  toChoose: readonly UnchosenLine[] = [],
): string {
  const toBuy = lines.filter(({ pieces, buy }) => pieces > 0 && buy !== 'bought')
  const least = total.missing.length > 0 || toChoose.length > 0 ? 'at least ' : ''
  return [
    name,
    '',
    ...toBuy.map((line) => lineText(line, format)),
    ...toChoose.map((line) => `${line.name}: still to choose`),
    '',
    `Together ${least}${format.money(total.likely, currency)}, shipping included as far as it is known.`,
    '',
  ].join('\n')
}

function lineText(
  { pieces, name, price, condition, shop, buy, on, link }: BillLine,
  format: Formatter,
): string {
  const said = [
    price === null ? 'price not known' : `${format.money(price.unitMinor, price.currency)} each`,
    ...(condition === 'new' ? [] : [condition]),
    ...(shop === '' ? [] : [shop]),
    ...(buy === 'later' ? [on === null ? 'later' : `on ${on}`] : []),
    ...(link === '' ? [] : [link]),
  ]
  return `${format.number(pieces)} × ${name}: ${said.join(', ')}`
}
