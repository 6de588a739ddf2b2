import type { Group, Pool } from '../pools/pools'

/** The pool with other groups; they must be of its own family. */
export function withGroups(pool: Pool, groups: readonly Group[]): Pool {
  // What a family's groups are is known where they are made, not to the compiler here.
  return { ...pool, groups: [...groups] } as Pool
}
