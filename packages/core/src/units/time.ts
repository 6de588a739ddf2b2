/** Days of a year, leap years counted in. */
export const DAYS_PER_YEAR = 365.25
export const MONTHS_PER_YEAR = 12
export const SECONDS_PER_HOUR = 3_600
export const MS_PER_HOUR = 3_600_000
