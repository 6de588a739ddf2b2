import { z } from 'zod'
import { currencyCode, maybe, minorUnits } from './sheetFields'

/**
 * What was asked for a part when it was written into the catalogue or chosen: for one piece, and for sending the whole
 * line of that part once; null where nobody has said it.
 *
 * It stands beside the data sheet, never on it: what is asked changes from week to week and says nothing about the part.
 */
export const askedPrice = z.strictObject({
  currency: currencyCode,
  unitMinor: minorUnits,
  shippingMinor: maybe(minorUnits),
})
export type AskedPrice = z.infer<typeof askedPrice>
