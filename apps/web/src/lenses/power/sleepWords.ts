import type { Band, SpinDown } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** Beyond this nobody counts years any more. */
const LONG_YEARS = 50

/** What sleeping comes to: hours, starts, and how long the first reader waits. */
export function sleepWords(
  {
    asleepHoursPerDay,
    startsPerYear,
    yearsOfStarts,
    firstWaitSeconds,
    oneByOneWaitSeconds,
  }: SpinDown,
  wokenDisks: number,
): string {
  if (startsPerYear === 0) return 'By the hours above they never sleep.'
  const oneByOne =
    wokenDisks > 1
      ? `, ${secondsWords(oneByOneWaitSeconds)} where they start one after another`
      : ''
  const years =
    yearsOfStarts > LONG_YEARS
      ? `for over ${LONG_YEARS} years`
      : `for ${format.number(yearsOfStarts, 1)} years`
  return `They sleep ${format.number(asleepHoursPerDay, 1)} hours of a day and start ${format.number(startsPerYear)} times a year, for which they are rated ${years}. The first reader waits ${secondsWords(firstWaitSeconds)}${oneByOne}.`
}

function secondsWords({ low, likely, high }: Band): string {
  return low === high
    ? `${format.number(likely)} s`
    : `${format.number(low)} to ${format.number(high)} s`
}
