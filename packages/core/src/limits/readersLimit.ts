import type { Limit } from '../judging/limit'
import { readersNow, shareOfWanted } from '../paths/readersNow'
import { readersOf } from '../paths/readersOf'
import { exactly } from '../units/amount'

export interface ReadersFacts {
  readers: number
  /** The one who lacks most, if the brief names it; null for any of them. */
  name: string | null
  /** The pool that they read from; null where all read from one. */
  poolId: string | null
  wantedBytesPerSecond: number
  /** Null where nothing can be read yet. */
  eachBytesPerSecond: number | null
  togetherBytesPerSecond: number | null
  ports: number
}

/**
 * Everybody reading at once, over drives, slots, network ports and their own links: what the one gets who is
 * furthest below what they want.
 */
export const readersLimit: Limit<'readers', ReadersFacts> = {
  id: 'readers',
  title: 'Readers at once',
  dependsOn: ['board', 'drives', 'layout'],
  judge: ({ brief, pools, network, tenants, machine }) => {
    const { readersAtOnce, readerBytesPerSecond, readers: named } = brief
    if (Math.max(readersAtOnce, named.length) === 0) return null
    const wants = readersOf(brief, null).map(
      ({ wantsBytesPerSecond }) => wantsBytesPerSecond ?? readerBytesPerSecond,
    )
    if (wants.every((wanted) => wanted === 0)) return null
    const now = readersNow({ brief, pools, network, tenants }, machine, null)
    const wanting = now.readers.filter(({ wantsBytesPerSecond }) => wantsBytesPerSecond > 0)
    const [first] = wanting
    const worst =
      first &&
      wanting.reduce(
        (one, other) => (shareOfWanted(other) < shareOfWanted(one) ? other : one),
        first,
      )
    const wantedBytesPerSecond = worst?.wantsBytesPerSecond ?? Math.max(...wants)
    const isNamed =
      worst &&
      named.some(({ id }) => id === worst.reader.id) &&
      // Where nobody has more than it, its name would say nothing.
      wanting.some((other) => shareOfWanted(other) > shareOfWanted(worst) * (1 + NEARLY))
    const readFrom = new Set(wanting.map(({ poolId }) => poolId))
    const facts = {
      readers: wants.length,
      name: isNamed ? worst.reader.name : null,
      poolId: worst && readFrom.size > 1 ? worst.poolId : null,
      wantedBytesPerSecond,
      eachBytesPerSecond: worst?.bytesPerSecond ?? null,
      togetherBytesPerSecond: worst
        ? now.readers.reduce((sum, { bytesPerSecond }) => sum + bytesPerSecond, 0)
        : null,
      ports: now.ports,
    }
    const isOpen = facts.eachBytesPerSecond === null && now.missing.length === 0
    return {
      bound: { least: wantedBytesPerSecond },
      // Ports that nobody gives may move anything, from nothing on.
      has: isOpen ? null : exactly(facts.eachBytesPerSecond ?? 0, 'B/s', now.missing),
      facts,
    }
  },
  wanted: ({ facts }, { format }) => {
    const { readers, name, wantedBytesPerSecond: wanted, eachBytesPerSecond: each } = facts
    const rate = format.apart(wanted, each ?? wanted, format.rate)[0]
    return name === null ? `${format.number(readers)} × ${rate}` : `${rate} for ${name}`
  },
  has: ({ has, facts }, { format, pool }) => {
    if (!has) return 'nothing to read yet'
    if (facts.eachBytesPerSecond === null) return 'not known'
    const [each] = format.apart(facts.eachBytesPerSecond, facts.wantedBytesPerSecond, format.rate)
    const least = has.missing.length > 0 ? 'at least ' : ''
    const from = facts.poolId === null ? '' : ` from ${pool(facts.poolId)}`
    return facts.name === null
      ? `${least}${each} each${from} through ${format.counted(facts.ports, 'network port')}`
      : `${least}${each} for ${facts.name}${from}`
  },
}

/** Rates that differ by less are the same. */
const NEARLY = 1e-9
