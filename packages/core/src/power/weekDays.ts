import type { DayProfile } from '../design/brief'

/** How many of seven days are of each kind. */
export const DAYS_OF_WEEK: Record<keyof DayProfile, number> = { weekday: 5, weekend: 2 }
export const DAYS_PER_WEEK = 7
export const DAY_KINDS = ['weekday', 'weekend'] as const satisfies readonly (keyof DayProfile)[]
