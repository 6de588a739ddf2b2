import type { Machine, RankedSuspects } from '@flint/core/figures'
import type { SharedRun } from '../../drawing/SharedRunLines'

/** More lines than these cannot be told apart. */
const MOST = 2
/** Below this it is no suspect. */
const LEAST = 0.05

/** The likeliest suspects that several drives share, as lines through their bays. */
export function sharedSuspects(
  ranked: readonly RankedSuspects[],
  { driveIn }: Pick<Machine, 'driveIn'>,
): SharedRun[] {
  const bayOf = new Map([...driveIn].map(([bay, drive]) => [drive, bay]))
  return ranked
    .filter(({ probability }) => probability >= LEAST)
    .flatMap(({ suspects }): SharedRun[] => {
      const [first] = suspects
      if (!first || first.driveIds.length < 2) return []
      const bayIds = first.driveIds.flatMap((id) => bayOf.get(id) ?? [])
      const others = suspects.length > 1 ? ` or ${suspects.length - 1} more` : ''
      return bayIds.length < 2 ? [] : [{ id: first.id, name: `${first.name}${others}`, bayIds }]
    })
    .slice(0, MOST)
}
