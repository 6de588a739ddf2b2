/** A group before it has its id. */
export type WithoutId<G> = G extends unknown ? Omit<G, 'id'> : never

/** Ids for the groups of a pool that is only thought of. */
export function withPlaceholderIds<G extends object>(groups: readonly G[]): (G & { id: string })[] {
  return groups.map((group, index) => ({ ...group, id: `group-${index + 1}` }))
}

/** A pool that is only thought of has no name yet. */
export const PLACEHOLDER_POOL = { id: 'pool-1', name: 'pool' } as const
