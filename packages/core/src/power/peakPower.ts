import type { Brief } from '../design/brief'
import type { Machine } from '../machine/machine'
import { presentPieces } from '../machine/presentPieces'
import { type Amount, sumOf } from '../units/amount'
import { atTheWall } from './atTheWall'
import { besideDraw } from './besideDraw'
import { drawnTogether, drawnWatts } from './drawnWatts'

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
 * more. It is no band: it is the worst that the data sheets allow.
 */
export function peakPower({ mainsVolts }: Pick<Brief, 'mainsVolts'>, machine: Machine): PeakPower {
  const { inside, beside } = presentPieces(machine)
  const dc = drawnTogether(inside, 'busy')
  const drawnBy = new Map(inside.map((piece) => [piece.id, drawnWatts(piece, 'busy')]))
  const wall = atTheWall(machine, drawnBy, dc, mainsVolts)
  const drawnBeside = beside.map((piece) => besideDraw(piece, drawnWatts(piece, 'busy')))
  return { dc, wall: wall && sumOf([wall, ...drawnBeside], 'W') }
}
