import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { noiseLimit } from '../../limits/noiseLimit'
import type { Amount } from '../../units/amount'

interface Facts {
  decibels: Amount<'dB(A)'>
  limitDecibels: number
}

/** Fans and drives together are louder than the brief allows. */
export const tooLoud: Rule<'too-loud', Facts> = {
  code: 'too-loud',
  step: 'heat',
  find: ({ judged }) => {
    const limit = judged(noiseLimit)
    if (!limit) return []
    const { decibels, limitDecibels } = limit.facts
    if (limit.status === 'missed') return [found('risks', {}, { decibels, limitDecibels })]
    const partIds = decibels.missing.flatMap(({ pieceId }) => pieceId ?? [])
    return partIds.length > 0 ? [lack(decibels.missing, { partIds })] : []
  },
  sentence: ({ decibels, limitDecibels }, { format }) => {
    const [level, allowed] = format.apart(decibels.low, limitDecibels, format.number)
    return `Fans and drives together make ${decibels.missing.length > 0 ? 'at least' : 'about'} ${level} dB(A) at one metre; the brief allows ${allowed}.`
  },
  question: 'whether it is too loud',
}
