import {
  type BornSet,
  compareScores,
  Hands,
  type Host,
  type Item,
  type Score,
  type Wishes,
} from './hands'

export interface Dealt {
  /** For each item the index of its host; null when there is room for it nowhere. */
  hostOf: (number | null)[]
  /** Whether no better way is left; false when the search was cut short. */
  isBest: boolean
}

/** Ways looked at before the best one so far is taken. Keeps the wiring of 24 drives well under 50 ms. */
const MOST_STEPS = 2_000

/**
 * Which plug goes to which controller, which drive to which lead?
 *
 * Better is, in this order: fewer drives left out; fewer hosts whose loss alone loses a pool or, when
 * members are to stay together, fewer hosts for each set of drives; fewer cables; less that waits or sags,
 * and that evenly; earlier hosts. With `loadFirst` what sags comes before what is lost. Every way is looked at, except those that cannot become better than the best one seen: none
 * of these counts ever falls while more is attached. Items that are alike go to hosts in order, since
 * changing them over changes nothing.
 *
 * Source: branch and bound; the tests compare it with trying every way.
 * @example two drives of a mirror, two controllers: one on each
 */
export function dealOut(
  wanted: readonly Item[],
  hosts: readonly Host[],
  sets: readonly BornSet[],
  { members, leastCost = 0, loadFirst = false }: Wishes,
): Dealt {
  const items = withoutIdleDemand(wanted, hosts)
  const setsOf = setsByItem(items, sets)
  const order = items
    .map((_, index) => ({ index, rank: rankOf(items, setsOf, index) }))
    .sort((one, other) => compareLists(one.rank, other.rank))
    .map(({ index }) => index)
  const alikeBefore = order.map((at, depth) => {
    const before = depth > 0 ? order[depth - 1] : undefined
    return before !== undefined && areAlike(items, setsOf, before, at) ? before : null
  })
  const state = new Hands(items, hosts, sets, setsOf, { members, leastCost, loadFirst })
  const now: (number | null)[] = items.map(() => null)
  let best: { hostOf: (number | null)[]; score: Score } | null = null
  let steps = 0
  let isPerfect = false

  const walk = (depth: number): void => {
    steps += 1
    const at = order[depth]
    if (at === undefined) {
      best = { hostOf: [...now], score: state.score() }
      isPerfect =
        compareScores(best.score, loadFirst ? [0, 0, 0, leastCost, 0] : [0, 0, leastCost, 0, 0]) ===
        0
      return
    }
    const before = alikeBefore[depth] ?? null
    const from = before === null ? 0 : (now[before] ?? hosts.length)
    const ways: { host: number | null; score: Score }[] = []
    for (const host of items[at]?.allowed ?? []) {
      if (host < from || !state.put(at, host)) continue
      const score = state.score()
      state.takeBack(at, host)
      if (!best || compareScores(score, best.score) < 0) ways.push({ host, score })
    }
    if (ways.length > 1) ways.sort((one, other) => compareScores(one.score, other.score))
    // Leaving a drive out is the last resort, and not even thought of once there is a way without.
    if (!best || state.left + (items[at]?.driveIds.length ?? 0) <= best.score[0]) {
      state.left += items[at]?.driveIds.length ?? 0
      ways.push({ host: null, score: state.score() })
      state.left -= items[at]?.driveIds.length ?? 0
    }
    for (const { host, score } of ways) {
      if (isPerfect) return
      if (best && (steps > MOST_STEPS || compareScores(score, best.score) >= 0)) continue
      if (host === null) state.left += items[at]?.driveIds.length ?? 0
      else state.put(at, host)
      now[at] = host
      walk(depth + 1)
      now[at] = null
      if (host === null) state.left -= items[at]?.driveIds.length ?? 0
      else state.takeBack(at, host)
    }
  }
  walk(0)
  const found = best as { hostOf: (number | null)[] } | null
  return { hostOf: found?.hostOf ?? [...now], isBest: steps <= MOST_STEPS }
}

/** Where every host has enough for all, demand makes no difference, and items that differ in it are alike. */
function withoutIdleDemand(items: readonly Item[], hosts: readonly Host[]): readonly Item[] {
  const all = items.reduce((sum, { demand }) => sum + demand, 0)
  return hosts.every(({ most }) => most >= all)
    ? items.map((one) => ({ ...one, demand: 0 }))
    : items
}

/** For each item the sets its drives belong to, one entry for each drive. */
function setsByItem(items: readonly Item[], sets: readonly BornSet[]): number[][] {
  const setsOf = new Map<string, number[]>()
  sets.forEach(({ driveIds }, set) => {
    for (const id of driveIds) {
      const before = setsOf.get(id)
      if (before) before.push(set)
      else setsOf.set(id, [set])
    }
  })
  return items.map(({ driveIds }) => {
    const found: number[] = []
    for (const id of driveIds) found.push(...(setsOf.get(id) ?? []))
    return found.length > 1 ? found.sort((one, other) => one - other) : found
  })
}

/** Large items first, since they find room least easily; then by set, so that alike ones are neighbours. */
function rankOf(
  items: readonly Item[],
  setsOf: readonly (readonly number[])[],
  at: number,
): number[] {
  const { takes, demand, allowed } = items[at] ?? { takes: [], demand: 0, allowed: [] }
  return [
    allowed.length,
    ...[...takes].reverse().map((count) => -count),
    ...(setsOf[at] ?? []),
    -demand,
    at,
  ]
}

function areAlike(
  items: readonly Item[],
  setsOf: readonly (readonly number[])[],
  one: number,
  other: number,
): boolean {
  const [a, b] = [items[one], items[other]]
  if (!a || a.demand !== b?.demand || a.driveIds.length !== b.driveIds.length) return false
  return (
    compareLists(a.takes, b.takes) === 0 &&
    compareLists(a.allowed, b.allowed) === 0 &&
    compareLists(setsOf[one] ?? [], setsOf[other] ?? []) === 0
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
