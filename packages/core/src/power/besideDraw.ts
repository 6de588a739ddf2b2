import type { Piece } from '../machine/piece'
import type { Amount } from '../units/amount'
import type { Band } from '../units/band'

/**
 * What a drive in an enclosure costs at the wall for each watt that it draws: small supplies of enclosures lose a tenth
 * to a quarter. Common practice, no source.
 */
export const ENCLOSURE_SHARE: Band = { low: 1.08, likely: 1.15, high: 1.3 }

/** What something beside the machine draws at the wall: drives of an enclosure with the loss of its supply. */
export function besideDraw({ kind }: Piece, drawn: Amount<'W'>): Amount<'W'> {
  if (kind !== 'drive') return drawn
  const { low, likely, high } = ENCLOSURE_SHARE
  return {
    ...drawn,
    low: drawn.low * low,
    likely: drawn.likely * likely,
    high: drawn.high * high,
  }
}
