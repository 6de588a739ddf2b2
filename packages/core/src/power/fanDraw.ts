import { USUAL_FAN_DUTY } from '../design/air'
import type { Piece } from '../machine/piece'
import { type Amount, mapAmount } from '../units/amount'
import { drawnWatts } from './drawnWatts'

/**
 * What do fans of the case draw at a speed, in watts?
 *
 * Data sheets give it at 40 %; it goes with the third power of speed. Source: fan laws, engineering handbooks, from
 * memory.
 */
export function fanDraw(piece: Piece, fanDuty: number): Amount<'W'> {
  return mapAmount(drawnWatts(piece, 'idle'), (watts) => watts * (fanDuty / USUAL_FAN_DUTY) ** 3)
}
