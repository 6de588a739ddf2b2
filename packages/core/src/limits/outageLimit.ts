import { dataNowBytes } from '../design/brief'
import { scenarioRates } from '../paths/scenarioRates'
import { copyIn } from '../paths/scenarios/copyIn'
import { type Limit, statusOf } from '../judging/limit'

const SECONDS_PER_HOUR = 3600

/**
 * How long the machine is away after one drive dies: not at all with redundancy, and as long as bringing
 * everything back from the second copy takes without it. Finding and fitting a new drive comes on top.
 */
export const outageLimit: Limit = ({ design, machine, survival }, format) => {
  const { outageHoursTolerated } = design.brief
  const { alwaysSurvived } = survival
  if (outageHoursTolerated === null || alwaysSurvived === null) return null
  const { bytesPerSecond } = scenarioRates(design, machine, copyIn)
  const hours =
    alwaysSurvived > 0
      ? 0
      : bytesPerSecond > 0
        ? dataNowBytes(design.brief) / bytesPerSecond / SECONDS_PER_HOUR
        : null
  const standing = statusOf(hours, (one) => one <= outageHoursTolerated)
  const wanted = `at most ${format.number(outageHoursTolerated)} h`
  return {
    id: 'outage',
    title: 'Away after a drive dies',
    standing,
    wanted,
    has:
      hours === null
        ? 'not known'
        : hours === 0
          ? 'runs on'
          : `at least ${format.number(hours, 1)} h`,
    finding:
      standing === 'missed'
        ? {
            code: 'outage-too-long',
            severity: 'risks',
            step: 'drives',
            partIds: [],
            groupIds: [],
            sentence: `Without redundancy one dead drive means copying everything back: at least ${format.number(hours ?? 0, 1)} hours over the network, and the brief tolerates ${format.number(outageHoursTolerated, 1)}.`,
            numbers: { hours: hours ?? 0, outageHoursTolerated },
          }
        : null,
  }
}
