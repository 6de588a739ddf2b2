import { countOf } from './fields'
import type { SeenMember, SeenPool } from './seenMachine'

export interface SeenPools {
  pools: SeenPool[]
  members: SeenMember[]
}

/** Rows of the table that name what members stand in, and are none. */
const NO_MEMBER = /^(mirror|raidz\d?|draid|spare|replacing|logs|cache|special|dedup|spares)/
const STATES = 'ONLINE|DEGRADED|FAULTED|OFFLINE|UNAVAIL|REMOVED|AVAIL|INUSE'
const ROW = new RegExp(`^\\s+(\\S+)\\s+(${STATES})(?:\\s+(\\S+)\\s+(\\S+)\\s+(\\S+))?`)

/**
 * Pools and their members with their errors, from `zpool status`.
 *
 * Counts of more than a thousand are shortened by the tool ("1.2K") and come out rounded.
 * Source of the form: the manual of zpool-status (OpenZFS), from memory.
 */
export function readZpoolStatus(text: string): SeenPools {
  const pools: SeenPool[] = []
  const members: SeenMember[] = []
  let pool: SeenPool | null = null
  let isTable = false
  for (const line of text.split('\n')) {
    if (/^\s*config:/.test(line)) isTable = true
    if (/^\s*(errors|pool):/.test(line)) isTable = false
    const named = /^\s*pool:\s*(\S+)/.exec(line)
    if (named) {
      pool = { name: named[1] ?? '', state: '', doneShare: null, sizeBytes: null, usedBytes: null }
      pools.push(pool)
    }
    if (!pool) continue
    const state = /^\s*state:\s*(\S+)/.exec(line)
    if (state) pool.state = state[1] ?? ''
    const done = /([\d.]+)% done/.exec(line)
    if (done) pool.doneShare = Number(done[1]) / 100
    const row = ROW.exec(line)
    const [, name = '', memberState = '', read, write, checksum] = row ?? []
    if (!isTable || !row || name === pool.name || NO_MEMBER.test(name)) continue
    members.push({
      pool: pool.name,
      name,
      state: memberState,
      readErrors: shortened(read),
      writeErrors: shortened(write),
      checksumErrors: shortened(checksum),
    })
  }
  return { pools, members }
}

const FACTORS: Record<string, number> = { '': 1, K: 1e3, M: 1e6, G: 1e9 }

/** As the tool writes counts: "1.2K" is 1,200. */
function shortened(text: string | undefined): number {
  const [, digits = '0', unit = ''] = /^(\d+(?:\.\d+)?)([KMG]?)$/.exec(text ?? '') ?? []
  return Math.round(Number(digits) * (FACTORS[unit] ?? 1))
}

/**
 * Arrays and their members from `/proc/mdstat`.
 * Source of the form: the kernel's documentation of md, from memory.
 */
export function readMdstat(text: string): SeenPools {
  const pools: SeenPool[] = []
  const members: SeenMember[] = []
  let pool: SeenPool | null = null
  for (const line of text.split('\n')) {
    const array = /^(md\S*) : (\S+)(?: \((?:auto-)?read-only\))? (.*)$/.exec(line)
    if (array) {
      const [, name = '', state = '', rest = ''] = array
      pool = { name, state, doneShare: null, sizeBytes: null, usedBytes: null }
      pools.push(pool)
      for (const [, member = '', flags = ''] of rest.matchAll(/(\w+)\[\d+\]((?:\([A-Z]\))*)/g)) {
        const isFaulty = flags.includes('(F)')
        members.push({
          pool: name,
          name: member,
          state: isFaulty ? 'faulty' : flags.includes('(S)') ? 'spare' : 'in use',
          readErrors: 0,
          writeErrors: 0,
          checksumErrors: 0,
        })
      }
    }
    if (!pool) continue
    const up = /\[([U_]+)\]\s*$/.exec(line)
    if (up?.[1]?.includes('_')) pool.state = 'degraded'
    const done = /(?:recovery|resync|reshape|check)\s*=\s*([\d.]+)%/.exec(line)
    if (done) pool.doneShare = Number(done[1]) / 100
  }
  return { pools, members }
}

/** Puts to pools how large they are and how much of them is used, from `zpool list -H -p -o name,size,allocated`. */
export function withSpace(pools: readonly SeenPool[], text: string): SeenPool[] {
  const byName = new Map(
    text.split('\n').map((line) => {
      const [name = '', size, used] = line.split('\t')
      return [name, { sizeBytes: countOf(size), usedBytes: countOf(used) }] as const
    }),
  )
  return pools.map((pool) => ({ ...pool, ...byName.get(pool.name) }))
}
