import type { Machine } from '../machine/machine'
import { airFlow } from './airFlow'
import { type HeatDesign, HOTTEST_STATE, machineHeat } from './machineHeat'
import { warmestRow } from './warmestRow'

const SLOWEST = 0.2
/** To a hundredth of full speed. */
const HALVINGS = 7

/**
 * How fast must the fans of the case run to hold the warmest drives below a temperature while all are read?
 *
 * @param mostKelvin over the room
 * @param end whether that is likely enough, or is to be sure
 * @returns share of full speed, of 0.2 to 1; null where full speed is not enough
 */
export function dutyFor(
  design: HeatDesign,
  machine: Machine,
  mostKelvin: number,
  end: 'likely' | 'high',
): number | null {
  const kelvinAt = (fanDuty: number): number => {
    const air = { ...design.air, fanDuty }
    const heat = machineHeat({ ...design, air }, machine, airFlow(machine, air), HOTTEST_STATE)
    return warmestRow(heat)?.kelvin[end] ?? 0
  }
  if (kelvinAt(1) > mostKelvin) return null
  if (kelvinAt(SLOWEST) <= mostKelvin) return SLOWEST
  let [low, high] = [SLOWEST, 1]
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2
    if (kelvinAt(middle) <= mostKelvin) high = middle
    else low = middle
  }
  return high
}
