import type { PowerState } from '../catalogue/draws'
import type { Piece } from '../machine/piece'
import { type Amount, exactly, sumOf } from '../units/amount'
import { drawnWatts } from './drawnWatts'
import { fanDraw } from './fanDraw'

/**
 * What does a piece draw that is no drive and no busy CPU?
 *
 * Fans of the case by their speed; a board with the controllers on it that draw although nobody uses them; all else by
 * its data sheet.
 */
export function steadyDraw(piece: Piece, state: PowerState, fanDuty: number): Amount<'W'> {
  const { dataSheet } = piece
  switch (dataSheet.kind) {
    case 'fan':
    case 'chassis':
      return fanDraw(piece, fanDuty)
    case 'board':
      return sumOf([drawnWatts(piece, state), exactly(dataSheet.extrasWatts ?? 0, 'W')], 'W')
    default:
      return drawnWatts(piece, state)
  }
}
