/** Something to be attached: a plug with the drives behind it. */
export interface Item {
  /** What it takes of a host, by kind of place; the hosts say what that means. */
  takes: readonly number[]
  /** Drives behind it. */
  drives: number
  /** The groups they belong to, by index, one entry for each drive, in their order. */
  groups: readonly number[]
  /** What it asks of a host, in the units of the hosts' `most`. */
  demands: readonly number[]
  /** Indices of the hosts it may go to. */
  allowed: readonly number[]
}

/** Something to attach to: a controller, a lead. */
export interface Host {
  /** Cables or adapters for so much of each kind; null when there is no room for it. */
  costOf: (taken: readonly number[]) => number | null
  /** What it moves or carries of each demand before something behind it waits, sags or gets hot. */
  most: readonly number[]
  /** Indices of the hosts that are gone with it, itself among them. */
  goneWith: readonly number[]
  /** What tells its costs apart from those of others; those of one text cost alike. */
  costs: string
}

/** A group of drives of which so many may fail; more, and the pool is lost. */
export interface PoolGroup {
  poolId: string
  tolerates: number
}

/**
 * What counts, the most important first: drives left out; hosts whose loss alone loses a pool (or, where members
 * stay together, hosts for each group); what `costOf` says; what a host is short of, by demand; how late the
 * hosts are.
 */
export type Criterion = 'left' | 'shared' | 'cost' | 'late' | { short: number }

export interface Wishes {
  members: 'spread' | 'together'
  order: readonly Criterion[]
  /** Cost that is needed in any case; the closer to the truth, the sooner the search ends. */
  leastCost?: number
}

/** One count for each criterion, in their order; smaller is better, from the first on. */
export type Score = readonly number[]

/** Negative when the first is better. */
export function compareScores(one: Score, other: Score): number {
  for (let at = 0; at < one.length; at += 1) {
    const difference = (one[at] ?? 0) - (other[at] ?? 0)
    if (difference !== 0) return difference
  }
  return 0
}

/** What is attached so far, and what it counts. Kept up to date rather than counted anew: it is asked often. */
export class Assignment {
  /** Drives left out. */
  left = 0
  readonly #items: readonly Item[]
  readonly #hosts: readonly Host[]
  readonly #order: readonly Criterion[]
  readonly #leastCost: number
  readonly #taken: number[][]
  readonly #costs: number[]
  readonly #demands: number[][]
  /** Drives of each group that are gone with each host. */
  readonly #gone: number[][]
  /** More drives of a group than this on one host, and the pool is lost with it. */
  readonly #tolerates: number[]
  readonly #poolOf: number[]
  /** For each host and pool the groups that have lost too much. */
  readonly #lostGroups: number[][]
  /** For each host those whose loss takes it along. */
  readonly #takenBy: number[][]
  readonly #short: number[]
  #shared = 0
  #cost = 0
  /** Sum of the indices of the hosts that items are on. */
  #late = 0

  constructor(
    items: readonly Item[],
    hosts: readonly Host[],
    groups: readonly PoolGroup[],
    { members, order, leastCost = 0 }: Wishes,
  ) {
    this.#items = items
    this.#hosts = hosts
    this.#order = order
    this.#leastCost = leastCost
    const kinds = items[0]?.takes.length ?? 0
    const demands = items[0]?.demands.length ?? 0
    const together = members === 'together'
    this.#taken = hosts.map(() => Array<number>(kinds).fill(0))
    this.#costs = hosts.map(() => 0)
    this.#demands = hosts.map(() => Array<number>(demands).fill(0))
    this.#short = Array<number>(demands).fill(0)
    this.#gone = hosts.map(() => Array<number>(groups.length).fill(0))
    // Where members are to stay together, every host that has one of a group counts, for each group by itself.
    this.#tolerates = groups.map(({ tolerates }) => (together ? 0 : tolerates))
    const names = [...new Set(groups.map(({ poolId }) => poolId))]
    this.#poolOf = groups.map(({ poolId }, group) => (together ? group : names.indexOf(poolId)))
    this.#lostGroups = hosts.map(() => Array<number>(groups.length).fill(0))
    this.#takenBy = hosts.map((_, host) =>
      hosts.flatMap(({ goneWith }, other) => (goneWith.includes(host) ? [other] : [])),
    )
  }

  /** Attaches an item; false, and nothing done, when the host has no room. */
  put(item: number, host: number): boolean {
    this.#take(item, host, 1)
    const cost = this.#hosts[host]?.costOf(this.#taken[host] ?? []) ?? null
    if (cost === null) {
      this.#take(item, host, -1)
      return false
    }
    this.#settle(item, host, 1, cost)
    return true
  }

  takeBack(item: number, host: number): void {
    this.#take(item, host, -1)
    this.#settle(item, host, -1, this.#hosts[host]?.costOf(this.#taken[host] ?? []) ?? 0)
  }

  #take(item: number, host: number, by: 1 | -1): void {
    const taken = this.#taken[host] ?? []
    const takes = this.#items[item]?.takes ?? []
    for (let kind = 0; kind < takes.length; kind += 1) {
      taken[kind] = (taken[kind] ?? 0) + by * (takes[kind] ?? 0)
    }
  }

  #settle(item: number, host: number, by: 1 | -1, cost: number): void {
    this.#cost += cost - (this.#costs[host] ?? 0)
    this.#costs[host] = cost
    this.#late += by * host
    const demands = this.#demands[host] ?? []
    const asked = this.#items[item]?.demands ?? []
    for (let at = 0; at < asked.length; at += 1) {
      const before = demands[at] ?? 0
      const after = before + by * (asked[at] ?? 0)
      const most = this.#hosts[host]?.most[at] ?? Infinity
      demands[at] = after
      this.#short[at] = (this.#short[at] ?? 0) + shortOf(after, most) - shortOf(before, most)
    }
    for (const other of this.#takenBy[host] ?? []) {
      for (const group of this.#items[item]?.groups ?? []) this.#lose(other, group, by)
    }
  }

  /** Counts one drive of a group more, or one less, that is gone with a host. */
  #lose(host: number, group: number, by: 1 | -1): void {
    const gone = this.#gone[host]
    const lostGroups = this.#lostGroups[host]
    if (!gone || !lostGroups) return
    const before = gone[group] ?? 0
    gone[group] = before + by
    const tolerates = this.#tolerates[group] ?? 0
    // Only the step over what the group tolerates changes what is lost.
    if (Math.min(before, before + by) !== tolerates) return
    const pool = this.#poolOf[group] ?? 0
    const lost = (lostGroups[pool] ?? 0) + by
    lostGroups[pool] = lost
    if (lost === (by === 1 ? 1 : 0)) this.#shared += by
  }

  /** None of the counts falls while more is attached. */
  score(): Score {
    return this.#order.map((criterion) => {
      if (criterion === 'left') return this.left
      if (criterion === 'shared') return this.#shared
      if (criterion === 'cost') return Math.max(this.#cost, this.#leastCost)
      if (criterion === 'late') return this.#late
      // Rounded, so that loads that differ by a rounding error count as the same.
      return Math.round(this.#short[criterion.short] ?? 0)
    })
  }
}

/** Squares, so that what must be short is so evenly. */
function shortOf(demand: number, most: number): number {
  return demand > most ? (demand - most) ** 2 : 0
}
