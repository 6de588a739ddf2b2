import { type Assigned, assignPlugs } from './wiring/assignPlugs'
import { type Placement, placeDevices } from './placement/placeDevices'
import type { PlacementProblem } from './placement/places'
import type { Host, Item, PoolGroup, Wishes } from './wiring/assignment'

/** Something worked out, and the things it was worked out from; plain data. */
interface Stage {
  from: readonly unknown[]
  result: unknown
}

/** Problems that were solved, by what they look like: two that look alike have one answer. */
export interface Solved {
  plugs: ReadonlyMap<string, Assigned>
  places: ReadonlyMap<string, Placement[]>
  stages: ReadonlyMap<string, Stage>
}

export const NOTHING_SOLVED: Solved = {
  plugs: new Map(),
  places: new Map(),
  stages: new Map(),
}

/** A host as a problem sees it, with what tells its costs apart from those of others. */
export interface DescribedHost extends Host {
  costs: string
}

/**
 * Solves problems of one machine, with what was solved for the machine before at hand.
 *
 * Only what is asked for again is handed on, so the answers never pile up.
 */
export class Solver {
  readonly solved = {
    plugs: new Map<string, Assigned>(),
    places: new Map<string, Placement[]>(),
    stages: new Map<string, Stage>(),
  }

  constructor(private readonly before: Solved) {}

  /**
   * What `work` gives, or gave before from the very same things.
   *
   * @param from all that the work depends on; compared one by one, by identity
   */
  stage<Result>(name: string, from: readonly unknown[], work: () => Result): Result {
    const before = this.before.stages.get(name)
    const isSame =
      before?.from.length === from.length && before.from.every((one, at) => one === from[at])
    const result = isSame ? (before.result as Result) : work()
    this.solved.stages.set(name, { from, result })
    return result
  }

  assign(
    items: readonly Item[],
    hosts: readonly DescribedHost[],
    groups: readonly PoolGroup[],
    wishes: Wishes,
  ): Assigned {
    const key = keyOf(items, hosts, groups, wishes)
    const known = this.solved.plugs.get(key) ?? this.before.plugs.get(key)
    const answer = known ?? assignPlugs(items, hosts, groups, wishes)
    this.solved.plugs.set(key, answer)
    return answer
  }

  /** The best way to place devices; empty only without a way to keep the pins. */
  place(problem: PlacementProblem): Placement[] {
    const key = JSON.stringify(problem)
    const answer = this.before.places.get(key) ?? placeDevices(problem)
    this.solved.places.set(key, answer)
    return answer
  }
}

/** What a problem looks like. Drives count by the groups they are in, not by their names. */
function keyOf(
  items: readonly Item[],
  hosts: readonly DescribedHost[],
  groups: readonly PoolGroup[],
  { members, order, leastCost }: Wishes,
): string {
  const groupOf = new Map(
    groups.flatMap(({ driveIds }, group) => driveIds.map((id) => [id, group] as const)),
  )
  const pools = [...new Set(groups.map(({ poolId }) => poolId))]
  return JSON.stringify([
    items.map(({ takes, demands, allowed, driveIds }) => [
      takes,
      demands,
      allowed,
      driveIds.map((id) => groupOf.get(id) ?? -1),
    ]),
    hosts.map(({ most, goneWith, costs }) => [most.map(String), goneWith, costs]),
    groups.map(({ poolId, tolerates }) => [pools.indexOf(poolId), tolerates]),
    members,
    order,
    leastCost ?? 0,
  ])
}
