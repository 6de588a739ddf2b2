import type { Limit, LimitStatus } from '../judging/limit'
import { notKnown } from '../judging/notKnown'
import { partNames } from '../judging/partNames'
import { readersNow } from '../paths/readersNow'

/** Everybody reading at once, over drives, slots and network ports. */
export const readersLimit: Limit = ({ design, machine }, format) => {
  const { readersAtOnce, readerBytesPerSecond } = design.brief
  if (readersAtOnce === 0 || readerBytesPerSecond === 0) return null
  const now = readersNow(design, machine, readersAtOnce)
  const each = now.eachBytesPerSecond
  const together = now.togetherBytesPerSecond ?? 0
  const open = now.notKnownPartIds.length > 0 || each === null
  const enough = each !== null && each >= readerBytesPerSecond
  const standing: LimitStatus = enough ? 'kept' : open ? 'not known' : 'missed'
  const rate = (bytesPerSecond: number): string => `${format.number(bytesPerSecond / 1e6)} MB/s`
  const links = format.counted(now.ports, 'network port')
  const base = { code: 'network-too-slow', step: 'network' } as const
  return {
    id: 'readers',
    title: 'Readers at once',
    standing,
    wanted: `${format.number(readersAtOnce)} × ${rate(readerBytesPerSecond)}`,
    has: each === null ? 'nothing to read yet' : `${rate(together)} through ${links}`,
    finding:
      standing === 'missed'
        ? {
            ...base,
            severity: 'risks',
            partIds: [],
            groupIds: [],
            sentence:
              readersAtOnce === 1
                ? `One reader wants ${rate(readerBytesPerSecond)}; over drives and ${links} it gets ${rate(each ?? 0)}. Joined ports never give one reader more than one of them.`
                : `${format.number(readersAtOnce)} readers want ${rate(readerBytesPerSecond)} each; over drives and ${links} the one that has least gets ${rate(each ?? 0)}, all together ${rate(together)}.`,
            numbers: {
              wantedTogether: readersAtOnce * readerBytesPerSecond,
              togetherBytesPerSecond: together,
              eachBytesPerSecond: each ?? 0,
            },
          }
        : standing === 'not known' && now.notKnownPartIds.length > 0
          ? notKnown({
              ...base,
              partIds: now.notKnownPartIds,
              question: 'whether the network is fast enough for the readers',
              missing: `the network ports of ${partNames(machine, now.notKnownPartIds)}`,
            })
          : null,
  }
}
