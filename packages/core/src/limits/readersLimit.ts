import { networkLinks } from '../network/networkLinks'
import { notKnown } from '../findings/notKnown'
import { partNames } from '../findings/partNames'
import { fittedOne } from '../design/fittedParts'
import type { Limit, LimitStanding } from './limit'

/** Everybody reading at once, against the network ports. */
export const readersLimit: Limit = (document, _measured, say) => {
  const { readersAtOnce, readerBytesPerSecond } = document.brief
  if (readersAtOnce === 0 || readerBytesPerSecond === 0) return null
  const network = networkLinks(document)
  const wantedTogether = readersAtOnce * readerBytesPerSecond
  const oneTooFast = readerBytesPerSecond > network.fastestBytesPerSecond
  const enough = !oneTooFast && wantedTogether <= network.togetherBytesPerSecond
  const open = network.notKnownPartIds.length > 0 || !fittedOne(document, 'board')
  const standing: LimitStanding = enough ? 'kept' : open ? 'not known' : 'missed'
  const rate = (bytesPerSecond: number): string => `${say.number(bytesPerSecond / 1e6)} MB/s`
  const links = say.counted(network.links, 'network port')
  const base = { code: 'network-too-slow', step: 'network' } as const
  return {
    id: 'readers',
    title: 'Readers at once',
    standing,
    wanted: `${say.number(readersAtOnce)} × ${rate(readerBytesPerSecond)}`,
    has: `${rate(network.togetherBytesPerSecond)} through ${links}`,
    finding:
      standing === 'missed'
        ? {
            ...base,
            severity: 'risks',
            partIds: [],
            groupIds: [],
            sentence: oneTooFast
              ? `One reader wants ${rate(readerBytesPerSecond)}; the fastest of ${links} moves ${rate(network.fastestBytesPerSecond)}, and several never add up for one reader.`
              : `${say.counted(readersAtOnce, 'reader')} want ${rate(wantedTogether)} together; ${links} move about ${rate(network.togetherBytesPerSecond)}.`,
            numbers: { wantedTogether, togetherBytesPerSecond: network.togetherBytesPerSecond },
          }
        : standing === 'not known' && network.notKnownPartIds.length > 0
          ? notKnown({
              ...base,
              partIds: network.notKnownPartIds,
              question: 'whether the network is fast enough for the readers',
              missing: `the network ports of ${partNames(document, network.notKnownPartIds)}`,
            })
          : null,
  }
}
