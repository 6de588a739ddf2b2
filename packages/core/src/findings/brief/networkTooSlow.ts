import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'
import { type ReadersFacts, readersLimit } from '../../limits/readersLimit'

/** The same, with what they get known. */
interface Facts extends ReadersFacts {
  eachBytesPerSecond: number
  togetherBytesPerSecond: number
}

/** Readers get less than the brief wants, over drives, slots and network ports. */
export const networkTooSlow: Rule<'network-too-slow', Facts> = {
  code: 'network-too-slow',
  step: 'network',
  find: ({ judged }) => {
    const limit = judged(readersLimit)
    if (limit?.status === 'missed') {
      const { eachBytesPerSecond, togetherBytesPerSecond } = limit.facts
      if (eachBytesPerSecond === null || togetherBytesPerSecond === null) return []
      return [found('risks', {}, { ...limit.facts, eachBytesPerSecond, togetherBytesPerSecond })]
    }
    const missing = limit?.has?.missing ?? []
    if (limit?.status !== 'not known' || missing.length === 0) return []
    return [lack(missing, { partIds: missing.flatMap(({ pieceId }) => pieceId ?? []) })]
  },
  sentence: (facts, { format }) => {
    const { readers, name, ports, togetherBytesPerSecond } = facts
    const [each, wanted] = format.apart(
      facts.eachBytesPerSecond,
      facts.wantedBytesPerSecond,
      format.rate,
    )
    const links = format.counted(ports, 'network port')
    if (name !== null) {
      return `${upperFirst(name)} wants ${wanted} and gets ${each} while all ${format.counted(readers, 'reader')} read.`
    }
    return readers === 1
      ? `One reader wants ${wanted}; over drives and ${links} it gets ${each}. Joined ports never give one reader more than one of them.`
      : `${format.number(readers)} readers want ${wanted} each; over drives and ${links} the one that has least gets ${each}, all together ${format.rate(togetherBytesPerSecond)}.`
  },
  question: 'whether the network is fast enough for the readers',
}
