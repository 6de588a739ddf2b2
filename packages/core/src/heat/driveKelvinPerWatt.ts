import { DRIVE_OUTLINES } from '../catalogue/standards'
import type { Band } from '../units/band'

/** What a surface gives off to still air and by radiation, W/(m²·K). Source: heat transfer handbooks, from memory. */
const STILL_WATTS_PER_SQUARE_METRE_KELVIN = 8

/**
 * What moving air takes of a flat plate as long as a 3.5" drive at 1 m/s, W/(m²·K): 0.664 × k / L × √Re × Pr^⅓ with
 * k = 0.026 W/(m·K), L = 0.147 m, Re = 9,200 and Pr = 0.71; it goes with the root of the speed. Source: laminar flow
 * along a plate, heat transfer handbooks, from memory.
 */
const MOVING_WATTS_PER_SQUARE_METRE_KELVIN = 10

/** How much of a drive's surface the air gets at, between its neighbours. Common practice, no source. */
export const WETTED_SHARE: Band = { low: 0.65, likely: 0.8, high: 0.95 }

/**
 * How much warmer than the air around it does a drive get, for each watt that it draws?
 *
 * @param metresPerSecond how fast the air goes past it
 * @param wettedShare how much of its surface the air gets at
 * @returns K/W
 * @example driveKelvinPerWatt(1, '3.5', 0.8).toFixed(1) // '1.6'
 */
export function driveKelvinPerWatt(
  metresPerSecond: number,
  formFactor: '3.5' | '2.5',
  wettedShare: number,
): number {
  const { widthMm, lengthMm, heightMm } = DRIVE_OUTLINES[formFactor]
  const squareMetres =
    (2 * (widthMm * lengthMm + lengthMm * heightMm + widthMm * heightMm)) / 1_000_000
  const takes =
    STILL_WATTS_PER_SQUARE_METRE_KELVIN +
    MOVING_WATTS_PER_SQUARE_METRE_KELVIN * Math.sqrt(Math.max(0, metresPerSecond))
  return 1 / (takes * squareMetres * wettedShare)
}
