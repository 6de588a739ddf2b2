import type { DesignDocument } from './document'
import type { Problem } from './problem'

/**
 * What a schema cannot see: ids given twice, references to nothing, two drives in one bay, a drive
 * in two groups, a group that is not made of drives.
 */
export function brokenReferences(document: DesignDocument): Problem[] {
  return [
    ...repeated('snapshots', document.snapshots),
    ...repeated('fitted', document.fitted),
    ...repeated('pools', document.pools),
    ...document.pools.flatMap(({ groups }, index) => repeated(`pools[${index}].groups`, groups)),
    ...fittedProblems(document),
    ...groupProblems(document),
  ]
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

function fittedProblems(document: DesignDocument): Problem[] {
  const kinds = new Map(document.snapshots.map(({ id, sheet }) => [id, sheet.kind]))
  const taken = new Map<string, string>()
  return document.fitted.flatMap((part, index) => {
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
    if (kind !== 'drive') {
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

function groupProblems(document: DesignDocument): Problem[] {
  const kinds = new Map(document.snapshots.map(({ id, sheet }) => [id, sheet.kind]))
  const drives = new Set(
    document.fitted
      .filter(({ snapshotId }) => kinds.get(snapshotId) === 'drive')
      .map((part) => part.id),
  )
  const member = new Set<string>()
  return document.pools.flatMap((pool, poolIndex) =>
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
