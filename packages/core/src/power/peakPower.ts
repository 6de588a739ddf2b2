import { USUAL_FAN_DUTY } from '../design/air'
import type { Brief } from '../design/brief'
import type { Machine } from '../machine/machine'
import { presentPieces } from '../machine/presentPieces'
import { type Amount, sumOf } from '../units/amount'
import { atTheWall } from './atTheWall'
import { besideDraw } from './besideDraw'
import { drawnWatts } from './drawnWatts'
import { steadyDraw } from './steadyDraw'

export interface PeakPower {
  /** Behind the supply. */
  dc: Amount<'W'>
  /** At the wall, with what stands beside the machine; null without a supply. */
  wall: Amount<'W'> | null
}

/**
 * What does the machine draw when everything in it is at work at once?
 *
 * CPUs at the most their package draws, drives reading all the time, all else as idle, since no data sheet says
 * more. It is the worst that the data sheets allow; only how many network links are up leaves a band.
 *
 * @param fanDuty share of full speed that the fans of the case run at
 */
export function peakPower(
  { mainsVolts }: Pick<Brief, 'mainsVolts'>,
  machine: Machine,
  fanDuty = USUAL_FAN_DUTY,
): PeakPower {
  const { inside, beside } = presentPieces(machine)
  const drawnBy = new Map(inside.map((piece) => [piece.id, steadyDraw(piece, 'busy', fanDuty)]))
  const dc = sumOf([...drawnBy.values()], 'W')
  const wall = atTheWall(machine, drawnBy, dc, mainsVolts)
  const drawnBeside = beside.map((piece) => besideDraw(piece, drawnWatts(piece, 'busy')))
  return { dc, wall: wall && sumOf([wall, ...drawnBeside], 'W') }
}
