import {
  Assignment,
  compareScores,
  type Criterion,
  type Host,
  type Item,
  type PoolGroup,
  type Score,
  type Wishes,
} from './assignment'

export interface Assigned {
  /** For each item the index of its host; null when there is room for it nowhere. */
  hostOf: (number | null)[]
  /** How much better a way that was not looked at could be at most; null when no way is better. */
  couldBeBetter: Gain | null
  /** Hosts tried, on all ways together. */
  tries: number
}

/** The most important criterion in which something could be better, and by how much at most. */
export interface Gain {
  criterion: Criterion
  by: number
}

/** Ways looked at before the best one so far is taken. Keeps the wiring of 24 drives well under 15 ms. */
export const MOST_STEPS = 1_000
/** Hosts tried on these ways: twelve on each, which only dozens of controllers or leads reach sooner. */
export const MOST_TRIES = 12_000
/** Items times hosts, beyond which there are too many ways to look at all in any case. */
export const LARGE = 2_000
/** A machine of so many drives has all its problems looked at for as long. */
export const DRIVES_AT_LENGTH = 96

/**
 * How many hosts may be tried in each problem of a machine?
 *
 * Each controller of a large machine has a problem of its own, so of each fewer are tried, that all together take no
 * longer than those of a smaller one.
 * @example triesFor(504) // 2285
 */
export const triesFor = (drives: number): number =>
  Math.floor(MOST_TRIES * Math.min(1, DRIVES_AT_LENGTH / Math.max(1, drives)))

/** A host that something may go to, null to leave it out, and what is counted then. */
interface Way {
  host: number | null
  score: Score
}

/** How long is looked for a better way once there is one. */
export interface Bounds {
  mostSteps?: number
  mostTries?: number
}

/**
 * Which plug goes to which controller, which drive to which lead?
 *
 * Better is what the wishes say, in their order. Every way is looked at, except those that cannot become better
 * than the best one seen: none of the counts ever falls while more is attached. Items that are alike go to hosts
 * in order, since changing them over changes nothing. When there are too many ways, the ones that were left aside
 * still bound how far from the best the answer can be: each of them counts at least what it counted when it was
 * left. In a large problem, hosts that are alike and still empty are tried one for all.
 *
 * Source: branch and bound; the tests compare it with trying every way.
 * Two drives of a mirror and two controllers: one on each.
 */
export function assignPlugs(
  items: readonly Item[],
  hosts: readonly Host[],
  groups: readonly PoolGroup[],
  wishes: Wishes,
  { mostSteps = MOST_STEPS, mostTries = MOST_TRIES }: Bounds = {},
): Assigned {
  const order = items
    .map((_, index) => ({ index, rank: rankOf(items, index) }))
    .sort((one, other) => compareLists(one.rank, other.rank))
    .map(({ index }) => index)
  const alikeBefore = order.map((at, depth) => {
    const before = depth > 0 ? order[depth - 1] : undefined
    return before !== undefined && areAlike(items[before], items[at]) ? before : null
  })
  const state = new Assignment(items, hosts, groups, wishes)
  // Nothing can be better than this, so the search ends when it is reached.
  const ideal = state.score()
  const now: (number | null)[] = items.map(() => null)
  let best: { hostOf: (number | null)[]; score: Score } | null = null
  let leastLeftAside: Score | null = null
  const classOf = items.length * hosts.length > LARGE ? alikeHosts(items, hosts) : null
  const itemsOn = hosts.map(() => 0)
  let steps = 0
  let tries = 0
  let isPerfect = false

  const put = (at: number, host: number | null): void => {
    now[at] = host
    if (host === null) state.left += leftBy(items[at]?.drives ?? 0)
    else {
      state.put(at, host)
      itemsOn[host] = (itemsOn[host] ?? 0) + 1
    }
  }
  const takeBack = (at: number, host: number | null): void => {
    now[at] = null
    if (host === null) state.left -= leftBy(items[at]?.drives ?? 0)
    else {
      state.takeBack(at, host)
      itemsOn[host] = (itemsOn[host] ?? 0) - 1
    }
  }

  /** Where an item may go from a host on, with what it counts there. */
  const waysOf = (at: number, from: number): Way[] => {
    const ways: Way[] = []
    const emptyTried = new Set<number>()
    for (const host of items[at]?.allowed ?? []) {
      if (host < from) continue
      if (classOf && itemsOn[host] === 0) {
        const alike = classOf[host] ?? host
        if (emptyTried.has(alike)) continue
        emptyTried.add(alike)
      }
      tries += 1
      if (!state.put(at, host)) continue
      const score = state.score()
      state.takeBack(at, host)
      if (!best || compareScores(score, best.score) < 0) ways.push({ host, score })
    }
    return ways
  }

  const walk = (depth: number): void => {
    steps += 1
    const at = order[depth]
    if (at === undefined) {
      best = { hostOf: [...now], score: state.score() }
      isPerfect = compareScores(best.score, ideal) === 0
      return
    }
    const before = alikeBefore[depth] ?? null
    const from = before === null ? 0 : (now[before] ?? hosts.length)
    const drives = items[at]?.drives ?? 0
    let ways: Way[] = waysOf(at, from)
    // The first way goes nowhere twice, so it must not leave out what still has room where alike ones went past.
    if (!best && ways.length === 0) ways = waysOf(at, 0)
    if (ways.length > 1) ways.sort((one, other) => compareScores(one.score, other.score))
    // Leaving a drive out is the last resort, and not even thought of once there is a way without.
    if (!best || state.left + leftBy(drives) <= (best.score[0] ?? 0)) {
      state.left += leftBy(drives)
      ways.push({ host: null, score: state.score() })
      state.left -= leftBy(drives)
    }
    for (const { host, score } of ways) {
      if (isPerfect) return
      if (best && compareScores(score, best.score) >= 0) continue
      if (best && (steps > mostSteps || tries > mostTries)) {
        if (!leastLeftAside || compareScores(score, leastLeftAside) < 0) leastLeftAside = score
        continue
      }
      put(at, host)
      walk(depth + 1)
      takeBack(at, host)
    }
  }
  walk(0)
  const found = best as { hostOf: (number | null)[]; score: Score } | null
  const least = leastLeftAside as Score | null
  if (!found) return { hostOf: [...now], couldBeBetter: null, tries }
  return {
    hostOf: found.hostOf,
    couldBeBetter: least && gainOf(found.score, least, wishes.order),
    tries,
  }
}

/**
 * For each host the first one that is alike: costs as much, holds as much, takes no other along, and is open to the
 * same items. While two of them are empty, what is put on one could be on the other; only which of them comes later
 * differs, which counts least of all.
 */
function alikeHosts(items: readonly Item[], hosts: readonly Host[]): number[] {
  const openTo = hosts.map(() => new Set<string>())
  for (const { allowed } of items) {
    const set = allowed.join()
    for (const host of allowed) openTo[host]?.add(set)
  }
  const firstOf = new Map<string, number>()
  return hosts.map(({ costs, most }, at) => {
    const isAlone = hosts.every(({ goneWith }, other) => goneWith.includes(at) === (other === at))
    if (!isAlone || (hosts[at]?.goneWith.length ?? 0) > 1) return at
    const look = JSON.stringify([costs, most, [...(openTo[at] ?? [])]])
    const first = firstOf.get(look) ?? at
    firstOf.set(look, first)
    return first
  })
}

/** What the first score could gain to become the second, in the first count in which they differ. */
function gainOf(now: Score, least: Score, order: readonly Criterion[]): Gain | null {
  for (const [at, criterion] of order.entries()) {
    // How late hosts are only chooses between ways that are equally good.
    if (criterion === 'late') return null
    const by = (now[at] ?? 0) - (least[at] ?? 0)
    if (by > 0) return { criterion, by }
    if (by < 0) return null
  }
  return null
}

/** What is left out counts by its drives; a plug without any, as of a boot device, counts a little all the same. */
const leftBy = (drives: number): number => Math.max(drives, 0.5)

/** Large items first, since they find room least easily; then by group, so that alike ones are neighbours. */
function rankOf(items: readonly Item[], at: number): number[] {
  const item = items[at]
  if (!item) return []
  const { takes, demands, allowed, groups } = item
  return [
    allowed.length,
    ...[...takes].reverse().map((count) => -count),
    ...groups,
    ...demands.map((demand) => -demand),
    at,
  ]
}

function areAlike(one: Item | undefined, other: Item | undefined): boolean {
  if (!one || one.drives !== other?.drives) return false
  return (
    compareLists(one.demands, other.demands) === 0 &&
    compareLists(one.takes, other.takes) === 0 &&
    compareLists(one.allowed, other.allowed) === 0 &&
    compareLists(one.groups, other.groups) === 0
  )
}

/** Which of two lists of numbers is smaller, from the first number on. */
export function compareLists(one: readonly number[], other: readonly number[]): number {
  for (let index = 0; index < Math.max(one.length, other.length); index += 1) {
    const difference = (one[index] ?? -Infinity) - (other[index] ?? -Infinity)
    if (difference !== 0) return difference
  }
  return 0
}
