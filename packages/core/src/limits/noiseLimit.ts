import { machineNoise } from '../noise/machineNoise'
import { notKnown } from '../judging/notKnown'
import { partNames } from '../judging/partNames'
import type { Limit, LimitStatus } from '../judging/limit'

/** How loud it may be, at one metre and idle. */
export const noiseLimit: Limit = ({ design, machine }, format) => {
  const limit = design.brief.noiseLimitDecibels
  if (limit === null) return null
  const { decibels, notKnownPartIds } = machineNoise(machine)
  const level = decibels ?? 0
  // Silent parts can only add: what is too loud already stays so, what is quiet may not be.
  const standing: LimitStatus =
    level > limit
      ? 'missed'
      : decibels === null || notKnownPartIds.length > 0
        ? 'not known'
        : 'kept'
  const has = `${notKnownPartIds.length > 0 ? 'at least ' : 'about '}${format.number(level)} dB(A)`
  const base = { code: 'too-loud', step: 'shell' } as const
  return {
    id: 'noise',
    title: 'Noise, idle',
    standing,
    wanted: `at most ${format.number(limit)} dB(A)`,
    has: decibels === null ? 'not known' : has,
    finding:
      standing === 'missed'
        ? {
            ...base,
            severity: 'risks',
            partIds: [],
            groupIds: [],
            sentence: `Fans and drives together make ${has} at one metre; the brief allows ${format.number(limit)}.`,
            numbers: { decibels: level, limit },
          }
        : notKnownPartIds.length > 0
          ? notKnown({
              ...base,
              partIds: notKnownPartIds,
              question: 'whether it is too loud',
              missing: `the noise of ${partNames(machine, notKnownPartIds)}`,
            })
          : null,
  }
}
