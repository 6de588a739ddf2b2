import type { Limit } from '../judging/limit'
import { readersNow } from '../paths/readersNow'
import { exactly } from '../units/amount'

export interface ReadersFacts {
  readers: number
  wantedBytesPerSecond: number
  eachBytesPerSecond: number
  togetherBytesPerSecond: number
  ports: number
}

/** Everybody reading at once, over drives, slots and network ports: what the one that has least gets. */
export const readersLimit: Limit<'readers', ReadersFacts> = {
  id: 'readers',
  title: 'Readers at once',
  dependsOn: ['board', 'drives', 'layout'],
  judge: ({ brief, pools, machine }) => {
    const { readersAtOnce: readers, readerBytesPerSecond: wantedBytesPerSecond } = brief
    if (readers === 0 || wantedBytesPerSecond === 0) return null
    const now = readersNow({ brief, pools }, machine, readers)
    const facts = {
      readers,
      wantedBytesPerSecond,
      eachBytesPerSecond: now.eachBytesPerSecond ?? 0,
      togetherBytesPerSecond: now.togetherBytesPerSecond ?? 0,
      ports: now.ports,
    }
    const isOpen = now.eachBytesPerSecond === null && now.missing.length === 0
    return {
      bound: { least: wantedBytesPerSecond },
      has: isOpen ? null : exactly(facts.eachBytesPerSecond, 'B/s', now.missing),
      facts,
    }
  },
  wanted: ({ facts }, { format }) =>
    `${format.number(facts.readers)} × ${format.apart(facts.wantedBytesPerSecond, facts.eachBytesPerSecond, format.rate)[0]}`,
  has: ({ has, facts }, { format }) => {
    if (!has) return 'nothing to read yet'
    if (facts.eachBytesPerSecond === 0) return 'not known'
    const [each] = format.apart(facts.eachBytesPerSecond, facts.wantedBytesPerSecond, format.rate)
    const least = has.missing.length > 0 ? 'at least ' : ''
    return `${least}${each} each through ${format.counted(facts.ports, 'network port')}`
  },
}
