import { exactly } from '../units/amount'
import { dayOf } from './dayOf'
import { type DayPower, dayPower } from './dayPower'
import type { StateDesign } from './machineStates'
import type { WallOf } from './stateWalls'

/** What does a machine draw through its days? Null without a supply. */
export function machineDay(design: StateDesign, wallOf: WallOf): DayPower | null {
  if (!wallOf('spinning')) return null
  return dayPower(dayOf(design), (state) => wallOf(state) ?? exactly(0, 'W'), design.brief)
}
