import type { PowerState } from '../catalogue/draws'
import type { Piece } from '../machine/piece'
import { type Amount, exactly, sumOf } from '../units/amount'
import { drawnWatts } from './drawnWatts'
import { fanDraw } from './fanDraw'

/**
 * What does a piece draw, by its data sheet and by how it is used here?
 *
 * Fans of the case by their speed; a network card with its links; a board with the controllers on it that draw although nobody uses them; all else by
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
    case 'nic': {
      // Which of its ports have a link is not said: none, one or all of them.
      const each = dataSheet.linkWatts ?? 0
      const idle = drawnWatts(piece, state)
      return {
        ...idle,
        likely: idle.likely + each * Math.min(1, dataSheet.ports),
        high: idle.high + each * dataSheet.ports,
      }
    }
    default:
      return drawnWatts(piece, state)
  }
}
