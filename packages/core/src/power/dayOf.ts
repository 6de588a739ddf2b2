import type { Brief, DayProfile } from '../design/brief'
import type { HouseRules } from '../design/houseRules'
import { suggestedDay } from './suggestedDay'

/** The day of a machine: what its user has said, else what is suggested. */
export function dayOf({
  brief,
  houseRules,
}: {
  brief: Readonly<Brief>
  houseRules: Readonly<Pick<HouseRules, 'spinDownMinutes'>>
}): DayProfile {
  return brief.day ?? suggestedDay(brief, houseRules)
}
