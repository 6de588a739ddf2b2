import { certain } from '../units/certain'
import type { MoneyChoices } from '../design/money'
import { type Amount, exactly, type Missing, sumOf } from '../units/amount'
import { shareOut } from '../units/shareOut'
import { timesRatio } from '../units/timesRatio'
import type { BillLine } from './billLine'
import { type AskedLine, type BilledDesign, billLines } from './billLines'
import { converted } from './converted'

export interface CostFigure {
  lines: BillLine[]
  currency: string
  /** Sum of the counted lines, shipping and tax included; what has no price in this currency is missing of it. */
  total: Amount<'money'>
  /** Of the total: what is paid already, what is to be ordered, and what can wait. */
  spent: Amount<'money'>
  now: Amount<'money'>
  later: Amount<'money'>
  shippingMinor: number
  /** Of what is counted; null where nobody has said how much tax is. */
  taxMinor: number | null
  ownedPieces: number
  /** What owned pieces would bring if they were sold, as far as the builder has said it. */
  resaleMinor: number
}

/** A line in the currency of the bill, before tax. */
interface ConvertedLine extends AskedLine {
  /** Null without a price, or without a rate. */
  netMinor: number | null
  /** Of it, the shipping of its own. */
  sentMinor: number
  orderMinor: number
  /** Whether the shipping of its order is not known. */
  lacksOrder: boolean
}

/**
 * What is there to buy, and what does it cost with shipping and tax?
 *
 * Pieces of one data sheet make one line, unless the builder buys some of them otherwise. Shipping is paid once a line,
 * or once an order and shared out by value. Owned pieces cost nothing, and what came in another piece was paid with
 * that. Every line is rounded to a minor unit by itself, so that the total is the sum of what stands in the list.
 *
 * Two drives at 189.00 with 6.90 shipping come to 384.90.
 */
export function billOfMaterials(currency: string, design: BilledDesign): CostFigure {
  const { money } = design
  const asked = billLines(design).map((line) => inCurrency(line, currency, money))
  const lines = withOrders(asked, currency, money).map((line) => withTax(line, money))
  const totals = lines.map(({ line, lacks }) => lineTotal(line, lacks))
  const counted = lines.filter(({ line }) => line.standing === 'counted')
  const sumWhen = (buy: BillLine['buy']): Amount<'money'> =>
    sumOf(
      totals.filter((_, index) => lines[index]?.line.buy === buy),
      'money',
    )
  return {
    lines: lines.map(({ line }) => line),
    currency,
    total: sumOf(totals, 'money'),
    spent: sumWhen('bought'),
    now: sumWhen('now'),
    later: sumWhen('later'),
    shippingMinor: counted.reduce((sum, { sentMinor }) => sum + sentMinor, 0),
    taxMinor:
      money.tax.percent === null
        ? null
        : counted.reduce((sum, { line }) => sum + (line.taxMinor ?? 0), 0),
    ownedPieces: lines.reduce((sum, { line }) => sum + line.owned, 0),
    resaleMinor: resaleMinor(lines, currency, money),
  }
}

function inCurrency(
  line: AskedLine,
  currency: string,
  { rates }: Pick<MoneyChoices, 'rates'>,
): ConvertedLine {
  const { standing, price, totalMinor, pieces } = line
  const from = price?.currency ?? currency
  const known = standing === 'no price' ? null : converted(totalMinor, from, currency, rates)
  const netMinor = pieces === 0 ? 0 : known
  const isOther = standing === 'counted' && netMinor === null
  return {
    ...line,
    standing: isOther ? 'other currency' : standing,
    netMinor,
    sentMinor:
      pieces === 0 ? 0 : (converted(price?.shippingMinor ?? 0, from, currency, rates) ?? 0),
    orderMinor: 0,
    lacksOrder: false,
  }
}

/** Shares out what each shop asks for its parcel and takes off the whole, by the value of what it sends. */
function withOrders(
  lines: readonly ConvertedLine[],
  currency: string,
  { orders, rates }: Pick<MoneyChoices, 'orders' | 'rates'>,
): ConvertedLine[] {
  const after = [...lines]
  const shared = new Set(lines.flatMap((line) => (line.sentWith === 'order' ? [line.shop] : [])))
  for (const shop of shared) {
    const order = orders.find((one) => one.shop === shop)
    const inParcel = after.flatMap((line, index) => {
      const { sentWith, netMinor, pieces } = line
      const isSent = sentWith === 'order' && line.shop === shop && pieces > 0
      return isSent && netMinor !== null ? [{ line, index, netMinor }] : []
    })
    const values = inParcel.map(({ netMinor }) => netMinor)
    const asked = (minor: number | null): number | null =>
      minor === null || !order ? null : converted(minor, order.currency, currency, rates)
    const shippingMinor = asked(order?.shippingMinor ?? null)
    const goodsMinor = values.reduce((sum, value) => sum + value, 0)
    // A voucher worth more than what it is used for pays no money out.
    const offMinor = Math.min(asked(order?.discountMinor ?? 0) ?? 0, goodsMinor)
    const sent = shareOut(shippingMinor ?? 0, values)
    const off = shareOut(offMinor, values)
    inParcel.forEach(({ line, index }, at) => {
      const shareMinor = certain(sent[at])
      after[index] = {
        ...line,
        sentMinor: line.sentMinor + shareMinor,
        orderMinor: shareMinor - certain(off[at]),
        lacksOrder: shippingMinor === null,
      }
    })
  }
  return after
}

interface TaxedLine {
  line: BillLine
  sentMinor: number
  /** Fields that nobody has given, but for those of the line itself. */
  lacks: string[]
}

function withTax(
  { netMinor, sentMinor, lacksOrder, ...asked }: ConvertedLine,
  { tax }: Pick<MoneyChoices, 'tax'>,
): TaxedLine {
  const askedMinor = netMinor === null ? null : netMinor + asked.orderMinor
  const percent = asked.taxFree ? 0 : tax.percent
  const taxMinor =
    percent === null || askedMinor === null
      ? null
      : timesRatio(askedMinor, percent, tax.pricesInclude ? 100 + percent : 100)
  const addedMinor = tax.pricesInclude ? 0 : (taxMinor ?? 0)
  const sumMinor = askedMinor === null ? null : askedMinor + addedMinor
  const lacks = [
    ...(lacksOrder ? ['price.shippingMinor'] : []),
    ...(!tax.pricesInclude && percent === null ? ['tax.percent'] : []),
  ]
  return { line: { ...asked, taxMinor, sumMinor }, sentMinor, lacks }
}

function lineTotal(
  { standing, sumMinor, partIds, price }: BillLine,
  lacks: readonly string[],
): Amount<'money'> {
  const missingOf = (field: string, ids: readonly string[]): Missing[] =>
    // What is of no piece lacks its price all the same.
    ids.length === 0 ? [{ pieceId: null, field }] : ids.map((pieceId) => ({ pieceId, field }))
  if (standing === 'owned' || standing === 'comes with another') return exactly(0, 'money')
  if (standing === 'counted') {
    const fields = new Set([
      ...lacks,
      ...(price?.shippingMinor === null ? ['price.shippingMinor'] : []),
    ])
    // One parcel for the line, so one piece stands for what it lacks.
    const missing = [...fields].flatMap((field) => missingOf(field, partIds.slice(0, 1)))
    return exactly(certain(sumMinor), 'money', missing)
  }
  const field = standing === 'no price' ? 'price' : 'price.currency'
  return exactly(0, 'money', missingOf(field, partIds))
}

function resaleMinor(
  lines: readonly TaxedLine[],
  currency: string,
  { resale, rates }: Pick<MoneyChoices, 'resale' | 'rates'>,
): number {
  return lines.reduce((sum, { line: { snapshotId, owned } }) => {
    const each = resale.find((one) => one.snapshotId === snapshotId)
    const minor = each && converted(each.unitMinor, each.currency, currency, rates)
    return sum + owned * (minor ?? 0)
  }, 0)
}
