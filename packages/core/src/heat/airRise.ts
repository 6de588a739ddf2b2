import { AIR_JOULES_PER_KILOGRAM_KELVIN, AIR_KILOGRAMS_PER_CUBIC_METRE } from './roomAir'
import { SECONDS_PER_HOUR } from '../units/time'

/**
 * What a flow of air carries away for each kelvin that it gets warmer, in watts.
 * @example wattsPerKelvin(60).toFixed(1) // '20.1'
 */
export function wattsPerKelvin(cubicMetresPerHour: number): number {
  return (
    (AIR_KILOGRAMS_PER_CUBIC_METRE * AIR_JOULES_PER_KILOGRAM_KELVIN * cubicMetresPerHour) /
    SECONDS_PER_HOUR
  )
}

/**
 * How much warmer does air get that takes up heat, in kelvin?
 *
 * P / (ρ × c × Q). With these constants one watt in one cubic foot a minute (1.699 m³/h) makes 1.76 K.
 * @param wallsWattsPerKelvin what walls pass on beside the air
 * @example airRise(100, 60).toFixed(2) // '4.98'
 */
export function airRise(
  watts: number,
  cubicMetresPerHour: number,
  wallsWattsPerKelvin = 0,
): number {
  return watts / (wattsPerKelvin(cubicMetresPerHour) + wallsWattsPerKelvin)
}
