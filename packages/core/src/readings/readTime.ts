/** "2026-11-20 18:05", "2026-11-20T18:05:30Z". */
const YEAR_FIRST = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ](\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?)?/
/** "20.11.2026 18:05". */
const DAY_FIRST = /^(\d{1,2})\.(\d{1,2})\.(\d{4})(?:[T ,]+(\d{1,2}):(\d{2})(?::(\d{2}))?)?/
/** Seconds since 1970 have ten digits in this century, milliseconds thirteen. */
const SINCE_1970 = /^(\d{10})(\d{3})?(?:\.\d+)?$/

/**
 * A point in time as a log writes it, in seconds since 1970.
 *
 * Clocks on the wall are taken as they stand, whatever zone they keep: what counts is how long lies between two lines,
 * and which day a line belongs to.
 *
 * @returns null for what is no time
 * @example readTime('2026-11-20 18:05') // 1795197900
 * @example readTime('20.11.2026 18:05') // 1795197900
 * @example readTime('1795197900') // 1795197900
 */
export function readTime(text: string): number | null {
  const written = text.trim()
  const since = SINCE_1970.exec(written)
  if (since) return Number(since[1])
  const year = YEAR_FIRST.exec(written)
  if (year) return secondsOf(year[1], year[2], year[3], year.slice(4))
  const day = DAY_FIRST.exec(written)
  return day ? secondsOf(day[3], day[2], day[1], day.slice(4)) : null
}

function secondsOf(
  year: string | undefined,
  month: string | undefined,
  day: string | undefined,
  clock: readonly (string | undefined)[],
): number | null {
  const [hour, minute, second] = clock.map((part) => Number(part ?? 0))
  const months = Number(month)
  const days = Number(day)
  if (months < 1 || months > 12 || days < 1 || days > 31) return null
  if ((hour ?? 0) > 24 || (minute ?? 0) > 59 || (second ?? 0) > 60) return null
  return Date.UTC(Number(year), months - 1, days, hour, minute, second) / 1_000
}
