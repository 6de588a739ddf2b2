import type { Brief } from '../design/brief'
import type { Machine } from '../machine/machine'
import { presentPieces } from '../machine/presentPieces'
import { type Amount, sumOf } from '../units/amount'
import { drawnTogether } from './drawnWatts'
import { atTheWall } from './idlePower'

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
  const wall = atTheWall(machine, inside, 'busy', dc, mainsVolts)
  return { dc, wall: wall && sumOf([wall, drawnTogether(beside, 'busy')], 'W') }
}
