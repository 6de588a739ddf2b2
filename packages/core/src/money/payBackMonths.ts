import { MONTHS_PER_YEAR } from '../units/time'

/**
 * After how many months has money paid now come back by what it saves each year?
 *
 * @param moreMinor what is paid now, in minor units; 0 or less for a choice that costs nothing more
 * @param savedPerYearMinor less than 0 where a year costs more
 * @returns whole months, 0 where nothing is paid and nothing is lost; null where it never comes back
 * @example payBackMonths(13_500, 2_500) // 65
 */
export function payBackMonths(moreMinor: number, savedPerYearMinor: number): number | null {
  if (moreMinor <= 0) return savedPerYearMinor < 0 ? null : 0
  if (savedPerYearMinor <= 0) return null
  return Math.ceil((moreMinor / savedPerYearMinor) * MONTHS_PER_YEAR)
}
