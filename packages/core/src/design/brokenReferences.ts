import { isTray } from '../catalogue/kinds/cage'
import type { Offer } from '../catalogue/offers'
import { kindOf, type PartSheet } from '../catalogue/partKinds'
import type { Design } from './design'
import type { Problem } from '../catalogue/problem'

/** More bays than a house has, and few enough to be drawn and wired while one waits. */
export const MOST_BAYS = 2_048

/**
 * What a schema cannot see: ids given twice, references to nothing, two drives in one bay, a drive
 * in two groups, a group that is not made of drives, more bays than can be drawn.
 */
export function brokenReferences(design: Design): Problem[] {
  return [
    ...repeated('snapshots', design.snapshots),
    ...repeated('fitted', design.fitted),
    ...repeated('pools', design.pools),
    ...repeated('services', design.services),
    ...repeated('brief.readers', design.brief.readers),
    ...design.pools.flatMap(({ groups }, index) => repeated(`pools[${index}].groups`, groups)),
    ...fittedProblems(design),
    ...withinProblems(design),
    ...groupProblems(design),
    ...bayProblems(design),
  ]
}

function bayProblems({ snapshots, fitted }: Design): Problem[] {
  const baysOf = new Map(snapshots.map(({ id, sheet }) => [id, bayCount(sheet)]))
  const bays = fitted.reduce((sum, { snapshotId }) => sum + (baysOf.get(snapshotId) ?? 0), 0)
  if (bays <= MOST_BAYS) return []
  return [
    {
      field: 'fitted',
      sentence: `The parts have ${bays} bays in all; ${MOST_BAYS} is the most.`,
    },
  ]
}

function bayCount(sheet: PartSheet): number {
  const offers: readonly Offer[] = kindOf(sheet).offers(sheet)
  return offers.reduce(
    (sum, offer) => sum + (offer.kind === 'bay' ? offer.rows * offer.columns : 0),
    0,
  )
}

function repeated(field: string, entries: readonly { id: string }[]): Problem[] {
  const seen = new Set<string>()
  return entries.flatMap(({ id }, index) => {
    if (!seen.has(id)) {
      seen.add(id)
      return []
    }
    return [
      { field: `${field}[${index}].id`, sentence: `The id ${id} is given twice in ${field}.` },
    ]
  })
}

function fittedProblems(design: Design): Problem[] {
  const kinds = new Map(design.snapshots.map(({ id, sheet }) => [id, sheet.kind]))
  const trays = new Set(
    design.snapshots.flatMap(({ id, sheet }) =>
      sheet.kind === 'cage' && isTray(sheet) ? [id] : [],
    ),
  )
  const taken = new Map<string, string>()
  return design.fitted.flatMap((part, index) => {
    const field = `fitted[${index}]`
    const kind = kinds.get(part.snapshotId)
    if (!kind) {
      return [
        {
          field: `${field}.snapshotId`,
          sentence: `${part.id} points at the data sheet ${part.snapshotId}, which is not in the document.`,
        },
      ]
    }
    if (part.bay === null) return []
    if (part.away !== null) {
      return [{ field: `${field}.away`, sentence: `${part.id} is ${part.away} and in a bay.` }]
    }
    if (kind !== 'drive' && !trays.has(part.snapshotId)) {
      return [{ field: `${field}.bay`, sentence: `${part.id} is no drive, so it has no bay.` }]
    }
    const before = taken.get(part.bay)
    taken.set(part.bay, part.id)
    if (!before) return []
    return [
      { field: `${field}.bay`, sentence: `${part.id} and ${before} are both in ${part.bay}.` },
    ]
  })
}

/** What came in another piece names one that is there, and in the end one that came by itself. */
function withinProblems({ fitted }: Design): Problem[] {
  const outerOf = new Map(fitted.map(({ id, within }) => [id, within]))
  return fitted.flatMap(({ id, within }, index) => {
    const field = `fitted[${index}].within`
    if (within === null) return []
    if (!outerOf.has(within)) {
      return [{ field, sentence: `${id} came in ${within}, which is not a piece of this design.` }]
    }
    const seen = new Set([id])
    let outer: string | null = within
    while (outer !== null && !seen.has(outer)) {
      seen.add(outer)
      outer = outerOf.get(outer) ?? null
    }
    return outer === null ? [] : [{ field, sentence: `${id} came in itself, by way of others.` }]
  })
}

function groupProblems(design: Design): Problem[] {
  const kinds = new Map(design.snapshots.map(({ id, sheet }) => [id, sheet.kind]))
  const drives = new Set(
    design.fitted
      .filter(({ snapshotId }) => kinds.get(snapshotId) === 'drive')
      .map((part) => part.id),
  )
  const member = new Set<string>()
  return design.pools.flatMap((pool, poolIndex) =>
    pool.groups.flatMap((group, groupIndex) =>
      group.driveIds.flatMap((driveId, driveIndex) => {
        const field = `pools[${poolIndex}].groups[${groupIndex}].driveIds[${driveIndex}]`
        if (!drives.has(driveId)) {
          return [{ field, sentence: `${driveId} is not a drive of this design.` }]
        }
        if (member.has(driveId)) {
          return [{ field, sentence: `${driveId} is already a member of a group.` }]
        }
        member.add(driveId)
        return []
      }),
    ),
  )
}
