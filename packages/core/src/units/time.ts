/** Days of a year, leap years counted in. */
export const DAYS_PER_YEAR = 365.25
