import { kindOf } from '../catalogue/partKinds'
import type { Brief } from '../design/brief'
import type { Machine } from '../machine/machine'
import { type Amount, sumOf } from '../units/amount'
import { drawnWatts } from './drawnWatts'
import { atTheWall, drivesOutside } from './idlePower'

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
  const away = new Set(machine.awayIds)
  const outside = drivesOutside(machine)
  const present = machine.inOrder.filter(({ id }) => !away.has(id))
  const isInside = ({ id, dataSheet }: (typeof present)[number]): boolean =>
    kindOf(dataSheet).stands === 'inside' && !outside.has(id)
  const inside = present.filter(isInside)
  const drawn = (pieces: typeof present): Amount<'W'> =>
    sumOf(
      pieces.map((piece) => drawnWatts(piece, 'busy')),
      'W',
    )
  const dc = drawn(inside)
  const wall = atTheWall(machine, inside, 'busy', dc, mainsVolts)
  return { dc, wall: wall && sumOf([wall, drawn(present.filter((one) => !isInside(one)))], 'W') }
}
