import type { Rule } from '../finding'

/** Today's data does not fit, or not for as long as the brief asks. */
export const tooSmall: Rule = ({ brief }, { capacity }, say) => {
  const { workingBytes, wantedBytes } = capacity
  if (workingBytes === 0 || workingBytes >= wantedBytes) return []
  const fitsToday = workingBytes >= brief.dataNowBytes
  const years = (workingBytes - brief.dataNowBytes) / brief.growthBytesPerYear
  return [
    {
      code: 'too-small',
      severity: fitsToday ? 'risks' : 'blocks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence: fitsToday
        ? `Full after ${say.number(years, 1)} of ${say.number(brief.horizonYears, 1)} years: ${say.space(workingBytes)} to work with against ${say.space(wantedBytes)} wanted.`
        : `Today's ${say.space(brief.dataNowBytes)} do not fit in ${say.space(workingBytes)} to work with.`,
      numbers: { workingBytes, wantedBytes, dataNowBytes: brief.dataNowBytes },
      houseRule:
        'Working capacity keeps below the fill ceiling and leaves out the snapshot reserve.',
    },
  ]
}
