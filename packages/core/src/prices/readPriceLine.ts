import { CONDITIONS, type Condition } from '../design/money'
import { isDay } from '../units/isDay'
import { readNumber } from '../units/readNumber'
import { minorPerMajor } from '../units/money'
import type { PriceObservation } from './priceObservation'

/** What was understood of a line; the rest of it says which part is meant. */
export interface ReadPriceLine extends Omit<PriceObservation, 'slug'> {
  /** Words that are none of the others: the part. */
  partWords: string
}

/** Signs of currencies that people write; codes of ISO 4217 are taken in capitals, so that words are no money. */
const SIGNS: Readonly<Record<string, string>> = { '€': 'EUR', $: 'USD', '£': 'GBP' }

const MONEY = /^([€$£])?(\d[\d.,'’]*)([€$£])?$/

/**
 * Reads a price in one line, as people jot it down: the part, what it costs, "+" shipping, the condition, the day, and
 * "at" a shop.
 *
 * @param today the day that holds where the line has none
 * @param currency the one that holds where the line has none
 * @returns null where there is no price in it
 * "12 TB drive 189 + 5 used 2026-11-20 at Corner" is 189.00 and 5.00 shipping for "12 TB drive", used.
 */
export function readPriceLine(
  line: string,
  { today, currency }: { today: string; currency: string },
): ReadPriceLine | null {
  const [before = '', shop = ''] = line.split(/\s+at\s+(?=[^\d\s])/i)
  const words = before.trim().split(/\s+/).filter(Boolean)
  const plus = words.indexOf('+')
  // "+5" is shipping as well as "+ 5".
  const glued = words.findIndex((word) => /^\+\d/.test(word))
  const shippingAt = plus !== -1 ? plus + 1 : glued
  const shippingText = plus !== -1 ? words[shippingAt] : words[glued]?.slice(1)
  const dayAt = words.findIndex(isDay)
  const conditionAt = words.findIndex((word) =>
    CONDITIONS.includes(word.toLowerCase() as Condition),
  )
  const codeAt = words.findIndex((word) => isCode(word))
  const taken = new Set([plus, shippingAt, dayAt, conditionAt, codeAt])
  // The last amount is the price: what stands before it belongs to the part, as "12 TB".
  const priceAt = words.findLastIndex((word, at) => !taken.has(at) && MONEY.test(word))
  const price = amountOf(words[priceAt])
  if (price === null) return null
  taken.add(priceAt)
  const sign = MONEY.exec(words[priceAt] ?? '')
  const unit = SIGNS[sign?.[1] ?? sign?.[3] ?? ''] ?? words[codeAt] ?? currency
  const perMajor = minorPerMajor(unit)
  const shipping = amountOf(shippingText)
  return {
    partWords: words.filter((_, at) => !taken.has(at)).join(' '),
    seenOn: words[dayAt] ?? today,
    currency: unit,
    unitMinor: Math.round(price * perMajor),
    shippingMinor: shipping === null ? null : Math.round(shipping * perMajor),
    condition: (words[conditionAt]?.toLowerCase() as Condition | undefined) ?? 'new',
    shop: shop.trim(),
    link: '',
  }
}

const KNOWN_CODES = new Set(Intl.supportedValuesOf('currency'))
const isCode = (word: string): boolean => KNOWN_CODES.has(word)

function amountOf(word: string | undefined): number | null {
  const found = word === undefined ? null : MONEY.exec(word)
  return found ? (readNumber(found[2] ?? '')?.value ?? null) : null
}
