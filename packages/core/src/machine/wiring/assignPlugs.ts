import {
  Assignment,
  compareScores,
  type Host,
  type Item,
  type PoolGroup,
  type Score,
  type Wishes,
} from './assignment'

export interface Assigned {
  /** For each item the index of its host; null when there is room for it nowhere. */
  hostOf: (number | null)[]
  /** Whether no better way is left; false when the search was cut short. */
  isBest: boolean
}

/** Ways looked at before the best one so far is taken. Keeps the wiring of 24 drives well under 15 ms. */
const MOST_STEPS = 1_000

/**
 * Which plug goes to which controller, which drive to which lead?
 *
 * Better is what the wishes say, in their order. Every way is looked at, except those that cannot become better
 * than the best one seen: none of the counts ever falls while more is attached. Items that are alike go to hosts
 * in order, since changing them over changes nothing.
 *
 * Source: branch and bound; the tests compare it with trying every way.
 * Two drives of a mirror and two controllers: one on each.
 */
export function assignPlugs(
  wanted: readonly Item[],
  hosts: readonly Host[],
  groups: readonly PoolGroup[],
  wishes: Wishes,
): Assigned {
  const items = withoutIdleDemand(wanted, hosts)
  const groupsOf = groupsByItem(items, groups)
  const order = items
    .map((_, index) => ({ index, rank: rankOf(items, groupsOf, index) }))
    .sort((one, other) => compareLists(one.rank, other.rank))
    .map(({ index }) => index)
  const alikeBefore = order.map((at, depth) => {
    const before = depth > 0 ? order[depth - 1] : undefined
    return before !== undefined && areAlike(items, groupsOf, before, at) ? before : null
  })
  const state = new Assignment(items, hosts, groups, groupsOf, wishes)
  // Nothing can be better than this, so the search ends when it is reached.
  const ideal = state.score()
  const now: (number | null)[] = items.map(() => null)
  let best: { hostOf: (number | null)[]; score: Score } | null = null
  let steps = 0
  let isPerfect = false

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
    const drives = items[at]?.driveIds.length ?? 0
    const ways: { host: number | null; score: Score }[] = []
    for (const host of items[at]?.allowed ?? []) {
      if (host < from || !state.put(at, host)) continue
      const score = state.score()
      state.takeBack(at, host)
      if (!best || compareScores(score, best.score) < 0) ways.push({ host, score })
    }
    if (ways.length > 1) ways.sort((one, other) => compareScores(one.score, other.score))
    // Leaving a drive out is the last resort, and not even thought of once there is a way without.
    if (!best || state.left + leftBy(drives) <= (best.score[0] ?? 0)) {
      state.left += leftBy(drives)
      ways.push({ host: null, score: state.score() })
      state.left -= leftBy(drives)
    }
    for (const { host, score } of ways) {
      if (isPerfect) return
      if (best && (steps > MOST_STEPS || compareScores(score, best.score) >= 0)) continue
      if (host === null) state.left += leftBy(drives)
      else state.put(at, host)
      now[at] = host
      walk(depth + 1)
      now[at] = null
      if (host === null) state.left -= leftBy(drives)
      else state.takeBack(at, host)
    }
  }
  walk(0)
  const found = best as { hostOf: (number | null)[] } | null
  return { hostOf: found?.hostOf ?? [...now], isBest: steps <= MOST_STEPS }
}

/** What is left out counts by its drives; a plug without any, as of a boot device, counts a little all the same. */
const leftBy = (drives: number): number => Math.max(drives, 0.5)

/** Where every host has enough for all, a demand makes no difference, and items that differ in it are alike. */
function withoutIdleDemand(items: readonly Item[], hosts: readonly Host[]): readonly Item[] {
  const kinds = items[0]?.demands.length ?? 0
  const isIdle = Array.from({ length: kinds }, (_, kind) => {
    const all = items.reduce((sum, { demands }) => sum + (demands[kind] ?? 0), 0)
    return hosts.every(({ most }) => (most[kind] ?? Infinity) >= all)
  })
  if (!isIdle.includes(true)) return items
  return items.map((one) => ({
    ...one,
    demands: one.demands.map((demand, kind) => (isIdle[kind] ? 0 : demand)),
  }))
}

/** For each item the groups its drives belong to, one entry for each drive. */
function groupsByItem(items: readonly Item[], groups: readonly PoolGroup[]): number[][] {
  const groupsOf = new Map<string, number[]>()
  groups.forEach(({ driveIds }, group) => {
    for (const id of driveIds) {
      const before = groupsOf.get(id)
      if (before) before.push(group)
      else groupsOf.set(id, [group])
    }
  })
  return items.map(({ driveIds }) => {
    const found: number[] = []
    for (const id of driveIds) found.push(...(groupsOf.get(id) ?? []))
    return found.length > 1 ? found.sort((one, other) => one - other) : found
  })
}

/** Large items first, since they find room least easily; then by group, so that alike ones are neighbours. */
function rankOf(
  items: readonly Item[],
  groupsOf: readonly (readonly number[])[],
  at: number,
): number[] {
  const { takes, demands, allowed } = items[at] ?? { takes: [], demands: [], allowed: [] }
  return [
    allowed.length,
    ...[...takes].reverse().map((count) => -count),
    ...(groupsOf[at] ?? []),
    ...demands.map((demand) => -demand),
    at,
  ]
}

function areAlike(
  items: readonly Item[],
  groupsOf: readonly (readonly number[])[],
  one: number,
  other: number,
): boolean {
  const [a, b] = [items[one], items[other]]
  if (!a || a.driveIds.length !== b?.driveIds.length) return false
  return (
    compareLists(a.demands, b.demands) === 0 &&
    compareLists(a.takes, b.takes) === 0 &&
    compareLists(a.allowed, b.allowed) === 0 &&
    compareLists(groupsOf[one] ?? [], groupsOf[other] ?? []) === 0
  )
}

/** Which of two lists of numbers is smaller, from the first number on. */
function compareLists(one: readonly number[], other: readonly number[]): number {
  for (let index = 0; index < Math.max(one.length, other.length); index += 1) {
    const difference = (one[index] ?? -Infinity) - (other[index] ?? -Infinity)
    if (difference !== 0) return difference
  }
  return 0
}
