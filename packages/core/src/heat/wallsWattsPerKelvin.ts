import { type Machine, pieceOf } from '../machine/machine'
import type { Band } from '../units/band'
import { mapBand } from '../units/band'
import { WALL_WATTS_PER_SQUARE_METRE_KELVIN } from './airAreas'

/** How much of the walls is around the drives, before the fans. Common practice, no source. */
export const WALLS_OF_DRIVES = 0.4

const NO_WALLS: Band = { low: 0, likely: 0, high: 0 }

/**
 * What do the walls of the case pass on to the room for each kelvin, in watts?
 * @param of all walls, or those around its drives alone
 */
export function wallsWattsPerKelvin(machine: Machine, of: 'all' | 'drives'): Band {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  if (!chassis) return NO_WALLS
  const { widthMm, heightMm, depthMm } = chassis
  const squareMetres =
    (2 * (widthMm * heightMm + heightMm * depthMm + widthMm * depthMm)) / 1_000_000
  const share = of === 'all' ? 1 : WALLS_OF_DRIVES
  return mapBand(WALL_WATTS_PER_SQUARE_METRE_KELVIN, (watts) => watts * squareMetres * share)
}
