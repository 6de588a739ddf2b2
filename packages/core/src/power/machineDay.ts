import { exactly } from '../units/amount'
import { dayOf } from './dayOf'
import { type DayPower, dayPower } from './dayPower'
import type { StateDesign } from './machineStates'
import type { PowerIn } from './statePowers'

/** What does a machine draw through its days? Null without a supply. */
export function machineDay(design: StateDesign, powerIn: PowerIn): DayPower | null {
  if (!powerIn('spinning').wall) return null
  return dayPower(dayOf(design), (state) => powerIn(state).wall ?? exactly(0, 'W'), design.brief)
}
