import type { Limit } from '../judging/limit'
import { readersNow } from '../paths/readersNow'
import { exactly } from '../units/amount'

export interface ReadersFacts {
  readers: number
  wantedBytesPerSecond: number
  /** Null where nothing can be read yet. */
  eachBytesPerSecond: number | null
  togetherBytesPerSecond: number | null
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
      eachBytesPerSecond: now.eachBytesPerSecond,
      togetherBytesPerSecond: now.togetherBytesPerSecond,
      ports: now.ports,
    }
    const isOpen = now.eachBytesPerSecond === null && now.missing.length === 0
    return {
      bound: { least: wantedBytesPerSecond },
      // Ports that nobody gives may move anything, from nothing on.
      has: isOpen ? null : exactly(now.eachBytesPerSecond ?? 0, 'B/s', now.missing),
      facts,
    }
  },
  wanted: ({ facts }, { format }) => {
    const { readers, wantedBytesPerSecond: wanted, eachBytesPerSecond: each } = facts
    return `${format.number(readers)} × ${format.apart(wanted, each ?? wanted, format.rate)[0]}`
  },
  has: ({ has, facts }, { format }) => {
    if (!has) return 'nothing to read yet'
    if (facts.eachBytesPerSecond === null) return 'not known'
    const [each] = format.apart(facts.eachBytesPerSecond, facts.wantedBytesPerSecond, format.rate)
    const least = has.missing.length > 0 ? 'at least ' : ''
    return `${least}${each} each through ${format.counted(facts.ports, 'network port')}`
  },
}
