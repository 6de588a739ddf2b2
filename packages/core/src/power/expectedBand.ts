import { kindOf } from '../catalogue/partKinds'
import type { Piece } from '../machine/piece'
import type { Amount } from '../units/amount'

/**
 * Measured idle is usually above what data sheets give: 40 W expected, over 50 W found. Common practice, no source.
 */
export const BAND_LOW = 0.9
export const BAND_HIGH = 1.25
/** A meter for the socket is right to within so much. Common practice, no source. */
const METER_SHARE = 0.03

/** What is to be expected of a draw that a data sheet gives; of one that was measured, as good as the meter is. */
export function expectedBand({ dataSheet }: Piece, drawn: Amount<'W'>): Amount<'W'> {
  const { draws } = kindOf(dataSheet)
  const field = draws.idle
  const isMeasured = field !== null && dataSheet.sources[field] === 'measured'
  const [low, high] = isMeasured ? [1 - METER_SHARE, 1 + METER_SHARE] : [BAND_LOW, BAND_HIGH]
  return { ...drawn, low: drawn.low * low, high: drawn.high * high }
}
