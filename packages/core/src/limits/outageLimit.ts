import { dataNowBytes } from '../design/brief'
import { networkLinks } from '../network/networkLinks'
import { type Limit, standingOf } from './limit'

const SECONDS_PER_HOUR = 3600

/**
 * How long the machine is away after one drive dies: not at all with redundancy, and as long as bringing
 * everything back from the second copy takes without it. Finding and fitting a new drive comes on top.
 */
export const outageLimit: Limit = (document, { survival }, say) => {
  const { outageHoursTolerated } = document.brief
  const { alwaysSurvived } = survival
  if (outageHoursTolerated === null || alwaysSurvived === null) return null
  const { fastestBytesPerSecond } = networkLinks(document)
  const hours =
    alwaysSurvived > 0
      ? 0
      : fastestBytesPerSecond > 0
        ? dataNowBytes(document.brief) / fastestBytesPerSecond / SECONDS_PER_HOUR
        : null
  const standing = standingOf(hours, (one) => one <= outageHoursTolerated)
  const wanted = `at most ${say.number(outageHoursTolerated)} h`
  return {
    id: 'outage',
    title: 'Away after a drive dies',
    standing,
    wanted,
    has:
      hours === null ? 'not known' : hours === 0 ? 'runs on' : `at least ${say.number(hours, 1)} h`,
    finding:
      standing === 'missed'
        ? {
            code: 'outage-too-long',
            severity: 'risks',
            step: 'drives',
            partIds: [],
            groupIds: [],
            sentence: `Without redundancy one dead drive means copying everything back: at least ${say.number(hours ?? 0, 1)} hours over the network, and the brief tolerates ${say.number(outageHoursTolerated, 1)}.`,
            numbers: { hours: hours ?? 0, outageHoursTolerated },
          }
        : null,
  }
}
