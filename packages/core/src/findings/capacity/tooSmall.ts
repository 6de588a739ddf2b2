import { dataNowBytes, growthBytesPerYear } from '../../design/brief'
import type { Rule } from '../rule'

/** Today's data does not fit, or not for as long as the brief asks. */
export const tooSmall: Rule = ({ brief }, { capacity }, say) => {
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
        ? `Full after ${say.number(years, 1)} of ${say.number(brief.horizonYears, 1)} years: ${say.space(workingBytes)} to work with against ${say.space(wantedBytes)} wanted.`
        : `Today's ${say.space(nowBytes)} do not fit in ${say.space(workingBytes)} to work with.`,
      numbers: { workingBytes, wantedBytes, dataNowBytes: nowBytes },
      houseRule:
        'Working capacity keeps below the fill ceiling and leaves out the snapshot reserve.',
    },
  ]
}
