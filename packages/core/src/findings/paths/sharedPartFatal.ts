import { certain } from '../../units/certain'
import type { Pool } from '../../design/design'
import { isFree } from '../../design/pathChoices'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { Machine } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { membersAway, poolState } from '../../pool/poolState'
import { type PartOfSeveral, partsOfSeveral } from '../../pool/survival/sharedParts'

interface Facts {
  parts: { name: string; drives: number }[]
  /** How many there would be if the builder fixed nothing. */
  partsUnpinned: number
  /** What the pools survive that such a part stops: the least of them. */
  alwaysSurvived: number
}

/** One controller, cable, lead or backplane that takes more members along than the layout tolerates. */
export const sharedPartFatal: Rule<'shared-part-fatal', Facts> = {
  code: 'shared-part-fatal',
  step: 'paths',
  find: (given) => {
    const { pools, paths, machine, survival } = given
    // Pools that tolerate no failure at all are another rule's matter.
    const redundant = survival.pools.filter(({ survival: one }) => one.alwaysSurvived > 0)
    const redundantPools = pools.filter(({ id }) => redundant.some(({ poolId }) => poolId === id))
    const fatal = fatalParts(redundantPools, machine)
    if (fatal.length === 0) return []
    const unpinned = isFree(paths) ? fatal : fatalParts(redundantPools, given.machineUnpinned)
    const stopped = new Set<string>()
    for (const { poolIds } of fatal) for (const id of poolIds) stopped.add(id)
    const facts = {
      parts: fatal.map(({ nameOf, driveIds }) => ({ name: nameOf(), drives: driveIds.length })),
      partsUnpinned: unpinned.length,
      alwaysSurvived: Math.min(
        ...redundant
          .filter(({ poolId }) => stopped.has(poolId))
          .map(({ survival: one }) => one.alwaysSurvived),
      ),
    }
    const isAvoidable = unpinned.length < fatal.length
    return [
      found(isAvoidable ? 'risks' : 'note', {}, facts, {
        fix: isAvoidable ? { do: 'free-paths' } : null,
      }),
    ]
  },
  sentence: ({ parts, partsUnpinned, alwaysSurvived }, { format }) => {
    const [one] = parts.length === 1 ? parts : []
    const fewer =
      partsUnpinned < parts.length
        ? ` With cables worked out for you ${partsUnpinned === 0 ? 'none would' : `it would be ${partsUnpinned}`}.`
        : ''
    return `${one ? 'One part alone stops' : `Each of ${parts.length} parts alone stops`} a pool that survives ${format.counted(alwaysSurvived, 'failed drive')}: ${named(parts)}. The data stays on the drives; what was being written may not.${fewer}`
  },
}

const NAMED = 3

function named(parts: Facts['parts']): string {
  const first = parts
    .slice(0, NAMED)
    .map(({ name, drives }) => `${name} (${drives} drives)`)
    .join(', ')
  return parts.length > NAMED ? `${first} and ${parts.length - NAMED} more` : first
}

/** Parts whose loss takes more of a group than it tolerates, as the pools stand, and the pools that it stops. */
function fatalParts(
  pools: readonly Pool[],
  machine: Machine,
): (PartOfSeveral & { poolIds: string[] })[] {
  if (pools.length === 0) return []
  const away = membersAway(machine)
  const groupOf = new Map<PieceId, number>()
  const tolerates: number[] = []
  const poolIdOf: string[] = []
  for (const pool of pools) {
    for (const group of poolState(pool, away).groups) {
      for (const id of group.driveIds) groupOf.set(id, tolerates.length)
      tolerates.push(group.tolerates)
      poolIdOf.push(pool.id)
    }
  }
  const least = Math.min(...tolerates)
  const gone = new Array<number>(tolerates.length)
  const fatal: (PartOfSeveral & { poolIds: string[] })[] = []
  for (const { kind, nameOf, driveIds } of partsOfSeveral(machine)) {
    if (driveIds.length <= least) continue
    gone.fill(0)
    const poolIds: string[] = []
    for (const id of driveIds) {
      const at = groupOf.get(id)
      if (at === undefined) continue
      const lost = certain(gone[at]) + 1
      gone[at] = lost
      // Once for each group: with the first drive that is too many.
      if (lost === certain(tolerates[at]) + 1) poolIds.push(certain(poolIdOf[at]))
    }
    if (poolIds.length > 0) fatal.push({ kind, nameOf, driveIds, poolIds })
  }
  return fatal
}
