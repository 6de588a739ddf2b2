import { type Assigned, assignPlugs, MOST_TRIES } from './wiring/assignPlugs'
import { type InOrder, inOneOrder } from './wiring/inOneOrder'
import { type Placement, placeDevices } from './placement/placeDevices'
import type { PlacementProblem } from './placement/places'
import type { Host, Item, PoolGroup, Wishes } from './wiring/assignment'

/** Something worked out, and the things it was worked out from; plain data. */
interface Stage {
  from: readonly unknown[]
  result: unknown
}

/** Problems that were solved, by what they look like: two that look alike have one answer. The newest come last. */
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

/** Answers to one kind of question that are handed on: enough for drives that are moved to and fro. */
const MOST_ANSWERS_KEPT = 32

/**
 * Solves problems of one machine, with what was solved for the machines before at hand.
 *
 * Of placements and stages only what is asked for again is handed on, of plugs a few more, the oldest going first,
 * so the answers never pile up.
 */
export class Solver {
  readonly #plugs = new Map<string, Assigned>()
  readonly #places = new Map<string, Placement[]>()
  readonly #stages = new Map<string, Stage>()

  /** @param mostTries for each problem of plugs, where a machine has too many of them for the usual number */
  constructor(
    private readonly before: Solved,
    private readonly mostTries = MOST_TRIES,
  ) {}

  /** What the next machine is to have at hand. */
  get solved(): Solved {
    return {
      plugs: newestOf(this.before.plugs, this.#plugs),
      places: this.#places,
      stages: this.#stages,
    }
  }

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
    this.#stages.set(name, { from, result })
    return result
  }

  /** What `work` makes of what it made for the machine before, of which it takes over what is still right. */
  renewed<Result>(name: string, work: (before: Result | undefined) => Result): Result {
    const result = work(this.before.stages.get(name)?.result as Result | undefined)
    this.#stages.set(name, { from: [], result })
    return result
  }

  /**
   * The same for problems that differ in what `look` says: the answers of some that were asked last are kept, for
   * drives that are moved to and fro.
   */
  alike<Result>(name: string, from: readonly unknown[], look: string, work: () => Result): Result {
    const known = this.stage(name, from, () => new Map<string, Result>())
    const answer = known.get(look) ?? work()
    // The newest comes last.
    known.delete(look)
    known.set(look, answer)
    const [oldest] = known.keys()
    if (known.size > MOST_ANSWERS_KEPT && oldest !== undefined) known.delete(oldest)
    return answer
  }

  assign(
    items: readonly Item[],
    hosts: readonly Host[],
    groups: readonly PoolGroup[],
    wishes: Wishes,
  ): Assigned {
    const problem = inOneOrder(items, hosts, groups)
    const { mostTries } = this
    const key = `${mostTries} ${keyOf(problem, hosts, wishes)}`
    const answer =
      this.#plugs.get(key) ??
      this.before.plugs.get(key) ??
      assignPlugs(problem.items, hosts, problem.groups, wishes, { mostTries })
    this.#plugs.set(key, answer)
    const hostOf: (number | null)[] = items.map(() => null)
    problem.from.forEach((item, at) => (hostOf[item] = answer.hostOf[at] ?? null))
    return { ...answer, hostOf }
  }

  /** The best way to place devices; empty only without a way to keep the pins. */
  place(problem: PlacementProblem): Placement[] {
    const key = JSON.stringify(problem)
    const answer = this.before.places.get(key) ?? placeDevices(problem)
    this.#places.set(key, answer)
    return answer
  }
}

/** Those asked for now, after as many of the ones before as there is room for. */
function newestOf(
  before: ReadonlyMap<string, Assigned>,
  now: ReadonlyMap<string, Assigned>,
): ReadonlyMap<string, Assigned> {
  if ([...now.keys()].every((key) => before.has(key))) return before
  const older = [...before].filter(([key]) => !now.has(key))
  return new Map([...older.slice(Math.max(0, older.length + now.size - MOST_ANSWERS_KEPT)), ...now])
}

/** What a problem looks like. */
function keyOf(
  { items, groups }: InOrder,
  hosts: readonly Host[],
  { members, order, leastCost }: Wishes,
): string {
  return JSON.stringify([
    items.map(({ takes, demands, allowed, drives, groups: own }) => [
      takes,
      demands,
      allowed,
      drives,
      own,
    ]),
    hosts.map(({ most, goneWith, costs }) => [most.map(String), goneWith, costs]),
    groups.map(({ poolId, tolerates }) => [poolId, tolerates]),
    members,
    order,
    leastCost ?? 0,
  ])
}
