import { isFree, NO_CHOICES } from '../../paths/pathChoices'
import { familyOf } from '../../pool/families'
import { type PartOfSeveral, partsOfSeveral } from '../../pool/survival/sharedParts'
import type { DesignDocument } from '../../design/document'
import type { Measured } from '../finding'
import type { Rule } from '../rule'

/** One controller, cable, lead or backplane that takes more members along than the layout bears. */
export const sharedPartFatal: Rule = (document, { bays, survival }, say) => {
  // Pools that bear no failure at all are another rule's matter.
  const redundant = survival.pools
    .filter(({ survival: { alwaysSurvived } }) => alwaysSurvived > 0)
    .map(({ poolId }) => poolId)
  if (redundant.length === 0) return []
  const fatal = fatalParts(document, bays, redundant)
  const [first] = fatal
  if (!first) return []
  const fewer = isFree(document.paths)
    ? fatal
    : fatalParts({ ...document, paths: NO_CHOICES }, bays, redundant)
  const isAvoidable = fewer.length < fatal.length
  const [one] = fatal.length === 1 ? fatal : []
  return [
    {
      code: 'shared-part-fatal',
      severity: isAvoidable ? 'risks' : 'note',
      step: 'paths',
      partIds: [],
      groupIds: [],
      sentence: `${one ? 'One part alone stops' : `Each of ${fatal.length} parts alone stops`} a pool that survives ${say.counted(survival.alwaysSurvived ?? 0, 'failed drive')}: ${listed(fatal)}. The data stays on the drives; what was being written may not.`,
      numbers: { parts: fatal.length, drives: first.driveIds.length },
      ...(isAvoidable && {
        fix: {
          label: `Let cables be worked out: ${fewer.length} ${fewer.length === 1 ? 'part' : 'parts'} then`,
          apply: (before: DesignDocument) => ({ ...before, paths: NO_CHOICES }),
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

/** Parts whose loss takes more of a set of drives than the set bears. */
function fatalParts(
  document: DesignDocument,
  bays: Measured['bays'],
  poolIds: readonly string[],
): PartOfSeveral[] {
  const sets = document.pools
    .filter(({ id }) => poolIds.includes(id))
    .flatMap((pool) => familyOf(pool).failureSets(pool))
  const setOf = new Map(sets.flatMap(({ driveIds }, at) => driveIds.map((id) => [id, at] as const)))
  return partsOfSeveral(document, bays).filter(({ driveIds }) => {
    const gone = sets.map(() => 0)
    for (const id of driveIds) {
      const at = setOf.get(id)
      if (at !== undefined) gone[at] = (gone[at] ?? 0) + 1
    }
    return sets.some(({ bears }, at) => (gone[at] ?? 0) > bears)
  })
}
