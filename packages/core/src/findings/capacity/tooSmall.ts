import { dataNowBytes, growthBytesPerYear } from '../../design/brief'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { spaceLimit } from '../../limits/spaceLimit'

interface Facts {
  workingBytes: number
  wantedBytes: number
  dataNowBytes: number
  /** Until it is full, at the growth of the brief. */
  years: number
  horizonYears: number
}

/** Today's data does not fit, or not for as long as the brief asks. */
export const tooSmall: Rule<'too-small', Facts> = {
  code: 'too-small',
  step: 'drives',
  find: ({ brief, judged, capacity }) => {
    const { wantedBytes, housing } = capacity
    const workingBytes = housing.shortPoolId === null ? capacity.workingBytes : housing.housedBytes
    if (judged(spaceLimit)?.status !== 'missed' || workingBytes === 0) return []
    const nowBytes = dataNowBytes(brief)
    const facts = {
      workingBytes,
      wantedBytes,
      dataNowBytes: nowBytes,
      years: Math.max(0, workingBytes - nowBytes) / growthBytesPerYear(brief),
      horizonYears: brief.horizonYears,
    }
    return [found(workingBytes >= nowBytes ? 'risks' : 'blocks', {}, facts)]
  },
  sentence: (facts, { format }) => {
    const { workingBytes, wantedBytes, dataNowBytes: nowBytes, years, horizonYears } = facts
    if (workingBytes < nowBytes) {
      const [today, usable] = format.apart(nowBytes, workingBytes, format.space, 1)
      return `Today's ${today} do not fit in ${usable} of usable space.`
    }
    const [usable, wanted] = format.apart(workingBytes, wantedBytes, format.space, 1)
    const [after, of] = format.apart(years, horizonYears, format.number, 1)
    return `Full after ${after} of ${of} years: ${usable} of usable space against ${wanted} wanted.`
  },
  houseRule: () => 'Usable space keeps below the fill ceiling and leaves out the snapshot reserve.',
}
