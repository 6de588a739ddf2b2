/** Something to be attached: a plug with the drives behind it. */
export interface Item {
  /** What it takes of a host, by kind of place; the hosts say what that means. */
  takes: readonly number[]
  driveIds: readonly string[]
  /** What it asks of a host, in the unit of the hosts' `most`. */
  demand: number
  /** Indices of the hosts it may go to. */
  allowed: readonly number[]
}

/** Something to attach to: a controller, a lead. */
export interface Host {
  /** Cables for so much of each kind; null when there is no room for it. */
  costOf: (taken: readonly number[]) => number | null
  /** What it moves or carries before something behind it waits or sags. */
  most: number
  /** Indices of the hosts that are gone with it, itself among them. */
  goneWith: readonly number[]
}

/** Drives of which so many may fail; more, and the pool is lost. */
export interface BornSet {
  poolId: string
  driveIds: readonly string[]
  bears: number
}

export interface Wishes {
  members: 'spread' | 'together'
  /** Cables that are needed in any case; the closer to the truth, the sooner the search ends. */
  leastCost?: number
  loadFirst?: boolean
}

/**
 * Drives left out, then the other counts in the order wished for, and at last how late the hosts are; smaller is
 * better, from the first on.
 */
export type Score = [number, number, number, number, number]

/** Negative when the first is better. */
export function compareScores(one: Score, other: Score): number {
  return (
    one[0] - other[0] ||
    one[1] - other[1] ||
    one[2] - other[2] ||
    one[3] - other[3] ||
    one[4] - other[4]
  )
}

/** What is attached so far, and what it counts. Kept up to date rather than counted anew: it is asked often. */
export class Hands {
  /** Drives left out. */
  left = 0
  readonly #items: readonly Item[]
  readonly #hosts: readonly Host[]
  readonly #setsOf: readonly (readonly number[])[]
  readonly #wishes: Required<Wishes>
  readonly #taken: number[][]
  readonly #costs: number[]
  readonly #demand: number[]
  /** Drives of each set that are gone with each host. */
  readonly #gone: number[][]
  /** More drives of a set than this on one host, and the pool is lost with it. */
  readonly #bears: number[]
  readonly #poolOf: number[]
  /** For each host and pool the sets that have lost too much. */
  readonly #lostSets: number[][]
  /** For each host those whose loss takes it along. */
  readonly #takenBy: number[][]
  #shared = 0
  #cost = 0
  #short = 0
  /** Sum of the indices of the hosts that items are on. */
  #late = 0

  constructor(
    items: readonly Item[],
    hosts: readonly Host[],
    sets: readonly BornSet[],
    setsOf: readonly (readonly number[])[],
    wishes: Required<Wishes>,
  ) {
    this.#items = items
    this.#hosts = hosts
    this.#setsOf = setsOf
    this.#wishes = wishes
    const kinds = items[0]?.takes.length ?? 0
    const together = wishes.members === 'together'
    this.#taken = hosts.map(() => Array<number>(kinds).fill(0))
    this.#costs = hosts.map(() => 0)
    this.#demand = hosts.map(() => 0)
    this.#gone = hosts.map(() => Array<number>(sets.length).fill(0))
    // Where members are to stay together, every host that has one of a set counts, for each set by itself.
    this.#bears = sets.map(({ bears }) => (together ? 0 : bears))
    const names = [...new Set(sets.map(({ poolId }) => poolId))]
    this.#poolOf = sets.map(({ poolId }, set) => (together ? set : names.indexOf(poolId)))
    this.#lostSets = hosts.map(() => Array<number>(sets.length).fill(0))
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
    const demand = this.#demand[host] ?? 0
    const most = this.#hosts[host]?.most ?? 0
    const after = demand + by * (this.#items[item]?.demand ?? 0)
    this.#demand[host] = after
    this.#short += shortOf(after, most) - shortOf(demand, most)
    for (const other of this.#takenBy[host] ?? []) {
      for (const set of this.#setsOf[item] ?? []) this.#lose(other, set, by)
    }
  }

  /** Counts one drive of a set more, or one less, that is gone with a host. */
  #lose(host: number, set: number, by: 1 | -1): void {
    const gone = this.#gone[host]
    const lostSets = this.#lostSets[host]
    if (!gone || !lostSets) return
    const before = gone[set] ?? 0
    gone[set] = before + by
    const bears = this.#bears[set] ?? 0
    // Only the step over what the set bears changes what is lost.
    if (Math.min(before, before + by) !== bears) return
    const pool = this.#poolOf[set] ?? 0
    const lost = (lostSets[pool] ?? 0) + by
    lostSets[pool] = lost
    if (lost === (by === 1 ? 1 : 0)) this.#shared += by
  }

  /** None of the counts falls while more is attached. */
  score(): Score {
    const { leastCost, loadFirst } = this.#wishes
    // Rounded, so that loads that differ by a rounding error count as the same.
    const short = Math.round(this.#short)
    const cost = Math.max(this.#cost, leastCost)
    return loadFirst
      ? [this.left, short, this.#shared, cost, this.#late]
      : [this.left, this.#shared, cost, short, this.#late]
  }
}

/** Squares, so that what must be short is so evenly. */
function shortOf(demand: number, most: number): number {
  return demand > most ? (demand - most) ** 2 : 0
}
