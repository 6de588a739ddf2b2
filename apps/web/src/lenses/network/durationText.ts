import { format } from '../../controls/locale'

const MINUTE = 60
const HOUR = 3_600
const DAY = 86_400

/**
 * A time in the unit that reads best.
 * @example durationText(880) // '14.7 min'
 */
export function durationText(seconds: number): string {
  if (seconds < 1) return 'under 1 s'
  if (seconds < 2 * MINUTE) return `${format.number(seconds)} s`
  if (seconds < 2 * HOUR)
    return `${format.number(seconds / MINUTE, seconds < 20 * MINUTE ? 1 : 0)} min`
  if (seconds < 2 * DAY) return `${format.number(seconds / HOUR, 1)} h`
  return `${format.number(seconds / DAY, 1)} days`
}
