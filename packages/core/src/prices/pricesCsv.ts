import Papa from 'papaparse'
import { CONDITIONS, type Condition } from '../design/money'
import { cutText } from '../units/cutText'
import { minorPerMajor } from '../units/money'
import { isDay } from '../units/isDay'
import { readNumber } from '../units/readNumber'
import type { PriceObservation } from './priceObservation'

const COLUMNS = [
  'part',
  'seenOn',
  'currency',
  'price',
  'shipping',
  'condition',
  'shop',
  'link',
] as const
const ROW_END = '\r\n'

/** A row that cannot be taken: its line in the file, and why. */
export interface PriceProblem {
  line: number
  sentence: string
}

/** Prices as CSV (RFC 4180), money as plain decimals. A text that a spreadsheet would run is made harmless. */
export const pricesCsv = {
  head: `${COLUMNS.join(',')}${ROW_END}`,
  line: (one: PriceObservation): string => {
    const perMajor = minorPerMajor(one.currency)
    const digits = Math.round(Math.log10(perMajor))
    const money = (minor: number | null): string =>
      minor === null ? '' : (minor / perMajor).toFixed(digits)
    const cells = [
      one.slug,
      one.seenOn,
      one.currency,
      money(one.unitMinor),
      money(one.shippingMinor),
      one.condition,
      one.shop,
      one.link,
    ]
    return `${Papa.unparse([cells], { escapeFormulae: true })}${ROW_END}`
  },
}

/** Reads prices that were written so, or by hand: rows that can be taken, and what is wrong with the others. */
export function pricesFromCsv(text: string): {
  prices: PriceObservation[]
  problems: PriceProblem[]
} {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: true,
  })
  const lacking = (['part', 'seenOn', 'currency', 'price'] as const).filter(
    (column) => !meta.fields?.includes(column),
  )
  if (lacking.length > 0) {
    return {
      prices: [],
      problems: [{ line: 1, sentence: `The columns ${lacking.join(', ')} are missing.` }],
    }
  }
  const prices: PriceObservation[] = []
  const problems: PriceProblem[] = []
  data.forEach((row, index) => {
    const read = readRow(row)
    // The head is the first line.
    if ('sentence' in read) problems.push({ line: index + 2, sentence: read.sentence })
    else prices.push(read.price)
  })
  return { prices, problems }
}

/** @returns what is wrong with it instead, as a sentence */
function readRow(row: Record<string, string>): { price: PriceObservation } | { sentence: string } {
  const { part = '', seenOn = '', currency = '', price = '', shipping = '' } = row
  const { shop = '', link = '' } = row
  if (!/^[a-z0-9]+(-[a-z0-9]+)*$/.test(part))
    return { sentence: 'part must be the name of a part in the catalogue.' }
  if (!isDay(seenOn)) return { sentence: 'seenOn must be a day as 2026-11-20.' }
  if (!/^[A-Z]{3}$/.test(currency))
    return { sentence: 'currency must be a code of three letters, as EUR.' }
  const unit = readNumber(price)
  if (!unit || unit.value < 0) return { sentence: 'price must be a number of at least 0.' }
  const sent = shipping.trim() === '' ? null : readNumber(shipping)
  if (sent === null ? shipping.trim() !== '' : sent.value < 0) {
    return { sentence: 'shipping must be a number of at least 0, or empty.' }
  }
  const condition = row.condition?.trim() ?? ''
  const isKnown = CONDITIONS.includes(condition as Condition)
  if (condition !== '' && !isKnown)
    return { sentence: `condition must be one of ${CONDITIONS.join(', ')}.` }
  const perMajor = minorPerMajor(currency)
  const seen: PriceObservation = {
    slug: part,
    seenOn,
    currency,
    unitMinor: Math.round(unit.value * perMajor),
    shippingMinor: sent === null ? null : Math.round(sent.value * perMajor),
    condition: isKnown ? (condition as Condition) : 'new',
    shop: cutText(shop, 120),
    link: cutText(link, 500),
  }
  return { price: seen }
}
