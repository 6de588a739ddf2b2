import type { BuyWhen, Condition } from '../design/money'

/**
 * `counted`: its price is in the sum. `owned`: nothing is to be bought. `comes with another`: paid with the piece that
 * it came in. The others are missing from the sum: without a price, or in a currency without a rate.
 */
export type LineStanding =
  'counted' | 'owned' | 'comes with another' | 'no price' | 'other currency'

/** One line of the bill: pieces of one data sheet bought the same way, a bundle, or something beside the machine. */
export interface BillLine {
  /** Of the purchase, the bundle or the extra; of the data sheet where nobody has said how its pieces are bought. */
  id: string
  of: 'pieces' | 'bundle' | 'extra'
  /** Null for what is of no data sheet, or of several. */
  snapshotId: string | null
  name: string
  /** Pieces to buy, and the ids of those that are in the machine. */
  pieces: number
  partIds: string[]
  owned: number
  /** Those that came in another piece, and are neither bought nor owned by themselves. */
  included: number
  /**
   * As it is asked, before any discount; null when nobody has said it. Shipping is for the whole line, and null where
   * it is not known; what comes in the parcel of its shop has none of its own. Of a bundle it is that of the whole.
   */
  price: { currency: string; unitMinor: number; shippingMinor: number | null } | null
  discountMinor: number
  /** In the currency of the price: pieces × unit − discount + shipping as far as it is known; 0 when none is to be bought. */
  totalMinor: number
  /** Its share of shipping and discounts of the order it is part of, in the currency of the bill; may be below 0. */
  orderMinor: number
  /** Of what is paid, in the currency of the bill; null where nobody has said how much tax is. */
  taxMinor: number | null
  /** What is paid, in the currency of the bill, tax included; null where that is not known. */
  sumMinor: number | null
  standing: LineStanding
  condition: Condition
  shop: string
  link: string
  buy: BuyWhen
  on: string | null
  sentWith: 'alone' | 'order'
  /** Bought without tax. */
  taxFree: boolean
}

/** Something that the bill lacks, since nobody has chosen yet which one it is. */
export interface UnchosenLine {
  /** "2 cables: SFF-8087 to 4 × SATA". */
  name: string
  pieces: number
}
