import { AIR_KILOGRAMS_PER_CUBIC_METRE } from './roomAir'
import { SECONDS_PER_HOUR } from '../units/time'

/** Share of a sharp-edged opening that its jet fills. Source: orifice flow in engineering handbooks, from memory. */
const JET_SHARE = 0.6

/**
 * How hard is it to blow air through an opening, in pascals for a cubic metre an hour, squared?
 *
 * Δp = ρ / 2 × (Q / (0.6 × A))². A closed opening lets nothing through.
 * @param squareMetres its free area
 * @example (openingDrag(0.01) * 50 ** 2).toFixed(1) // '3.2'
 */
export function openingDrag(squareMetres: number): number {
  if (squareMetres <= 0) return Number.POSITIVE_INFINITY
  const speedPerFlow = 1 / (SECONDS_PER_HOUR * JET_SHARE * squareMetres)
  return (AIR_KILOGRAMS_PER_CUBIC_METRE / 2) * speedPerFlow ** 2
}

/**
 * Several openings side by side: at one pressure, what each lets through adds.
 * @example besideEachOther([4, 4]) // 1
 */
export function besideEachOther(drags: readonly number[]): number {
  const lets = drags.reduce((sum, drag) => sum + 1 / Math.sqrt(drag), 0)
  return lets === 0 ? Number.POSITIVE_INFINITY : 1 / lets ** 2
}
