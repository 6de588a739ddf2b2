import { isFree, NO_CHOICES } from '../../design/pathChoices'
import { poolState } from '../../pool/poolState'
import { type PartOfSeveral, partsOfSeveral } from '../../pool/survival/sharedParts'
import type { Design } from '../../design/design'
import type { Machine } from '../../machine/machine'
import { resolveMachine } from '../../machine/resolveMachine'
import type { Rule } from '../../judging/rule'

/** One controller, cable, lead or backplane that takes more members along than the layout tolerates. */
export const sharedPartFatal: Rule = ({ design, machine, survival }, format) => {
  // Pools that tolerate no failure at all are another rule's matter.
  const redundant = survival.pools
    .filter(({ survival: { alwaysSurvived } }) => alwaysSurvived > 0)
    .map(({ poolId }) => poolId)
  if (redundant.length === 0) return []
  const fatal = fatalParts(design, machine, redundant)
  const [first] = fatal
  if (!first) return []
  const fewer = isFree(design.paths)
    ? fatal
    : fatalParts(design, resolveMachine({ ...design, paths: NO_CHOICES }, machine), redundant)
  const isAvoidable = fewer.length < fatal.length
  const [one] = fatal.length === 1 ? fatal : []
  return [
    {
      code: 'shared-part-fatal',
      severity: isAvoidable ? 'risks' : 'note',
      step: 'paths',
      partIds: [],
      groupIds: [],
      sentence: `${one ? 'One part alone stops' : `Each of ${fatal.length} parts alone stops`} a pool that survives ${format.counted(survival.alwaysSurvived ?? 0, 'failed drive')}: ${listed(fatal)}. The data stays on the drives; what was being written may not.`,
      numbers: { parts: fatal.length, drives: first.driveIds.length },
      ...(isAvoidable && {
        fix: {
          label: `Let cables be worked out: ${fewer.length} ${fewer.length === 1 ? 'part' : 'parts'} then`,
          edit: { do: 'free-paths' as const },
        },
      }),
    },
  ]
}

const NAMED = 3

function listed(parts: readonly PartOfSeveral[]): string {
  const named = parts
    .slice(0, NAMED)
    .map(({ name, driveIds }) => `${name} (${driveIds.length} drives)`)
  const more = parts.length - named.length
  return more > 0 ? `${named.join(', ')} and ${more} more` : named.join(', ')
}

/** Parts whose loss takes more of a group than it tolerates, as the pools stand. */
function fatalParts(design: Design, machine: Machine, poolIds: readonly string[]): PartOfSeveral[] {
  const away = new Set(machine.awayIds)
  const groups = design.pools
    .filter(({ id }) => poolIds.includes(id))
    .flatMap((pool) => poolState(pool, away).groups)
  const groupOf = new Map(
    groups.flatMap(({ driveIds }, at) => driveIds.map((id) => [id, at] as const)),
  )
  return partsOfSeveral(machine).filter(({ driveIds }) => {
    const gone = groups.map(() => 0)
    for (const id of driveIds) {
      const at = groupOf.get(id)
      if (at !== undefined) gone[at] = (gone[at] ?? 0) + 1
    }
    return groups.some(({ tolerates }, at) => (gone[at] ?? 0) > tolerates)
  })
}
