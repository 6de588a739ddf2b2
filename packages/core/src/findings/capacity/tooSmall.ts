import { dataNowBytes, growthBytesPerYear } from '../../design/brief'
import type { Rule } from '../../judging/rule'

/** Today's data does not fit, or not for as long as the brief asks. */
export const tooSmall: Rule = ({ design, capacity }, format) => {
  const { brief } = design
  const { workingBytes, wantedBytes } = capacity
  if (workingBytes === 0 || workingBytes >= wantedBytes) return []
  const nowBytes = dataNowBytes(brief)
  const fitsToday = workingBytes >= nowBytes
  const years = (workingBytes - nowBytes) / growthBytesPerYear(brief)
  return [
    {
      code: 'too-small',
      severity: fitsToday ? 'risks' : 'blocks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence: fitsToday
        ? `Full after ${format.number(years, 1)} of ${format.number(brief.horizonYears, 1)} years: ${format.space(workingBytes)} to work with against ${format.space(wantedBytes)} wanted.`
        : `Today's ${format.space(nowBytes)} do not fit in ${format.space(workingBytes)} to work with.`,
      numbers: { workingBytes, wantedBytes, dataNowBytes: nowBytes },
      houseRule:
        'Working capacity keeps below the fill ceiling and leaves out the snapshot reserve.',
    },
  ]
}
