import { type Machine, pieceOf } from '../machine/machine'
import type { Band } from '../units/band'
import { combinedBand } from '../units/combinedBand'
import type { AirFlow } from './airFlow'
import { airRise } from './airRise'
import { wallsWattsPerKelvin } from './wallsWattsPerKelvin'
import { SECONDS_PER_HOUR } from '../units/time'

/** How much of the section of a case the air at cards fills. Common practice, no source. */
export const SECTION_SHARE: Band = { low: 0.35, likely: 0.6, high: 1 }
/** How much of what board and cards give off has reached the air before the cards. Common practice, no source. */
export const BOARD_SHARE: Band = { low: 0.2, likely: 0.5, high: 1 }
/** Still air in the open, m/s, and how much warmer it is there, K. Common practice, no source. */
export const OPEN = {
  metresPerSecond: { low: 0.05, likely: 0.1, high: 0.3 },
  kelvin: { low: 1, likely: 3, high: 8 },
}

/** Air at board and cards. */
export interface BoardAir {
  /** Over the room. */
  kelvin: Band
  metresPerSecond: Band
}

/**
 * How warm is the air at board and cards over the room, and how fast does it go past them?
 *
 * @param dc what everything behind the supply draws, in watts
 * @param driveWatts what the drives before the fans draw of that
 */
export function boardAir(
  machine: Machine,
  flow: AirFlow | null,
  dc: Band,
  driveWatts: Band,
): BoardAir {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  if (!flow || !chassis) return OPEN
  const boardWatts = {
    low: Math.max(0, dc.low - driveWatts.low),
    likely: Math.max(0, dc.likely - driveWatts.likely),
    high: Math.max(0, dc.high - driveWatts.high),
  }
  const walls = wallsWattsPerKelvin(machine, 'all')
  return {
    kelvin: combinedBand(
      [driveWatts, boardWatts, BOARD_SHARE, flow.pastBoard, walls],
      ([drives = 0, board = 0, share = 0, air = 0, through = 0]) =>
        airRise(drives + board * share, air, through),
    ),
    metresPerSecond: boardSpeed(machine, flow),
  }
}

/** How fast does the air go past board and cards, in m/s? It depends on no watts. */
export function boardSpeed(machine: Machine, flow: AirFlow | null): Band {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  if (!flow || !chassis) return OPEN.metresPerSecond
  const section = (chassis.widthMm * chassis.heightMm) / 1e6
  return combinedBand(
    [flow.pastBoard, SECTION_SHARE],
    ([air = 0, share = 1]) => air / SECONDS_PER_HOUR / (section * share),
  )
}
