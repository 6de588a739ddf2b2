import { type CataloguePart, partSheet } from '../../catalogue/partKinds'
import type { Design } from '../design'
import { sameValue } from '../sameValue'

/**
 * Takes the catalogue's values for some fields of a data sheet; the other fields stay as they were.
 *
 * Once nothing differs any more the data sheet counts as the catalogue's newest version. A mixture that
 * would be no valid data sheet changes nothing.
 */
export function takeSheetFields(
  design: Design,
  snapshotId: string,
  part: CataloguePart,
  fields: readonly string[],
): Design {
  const snapshot = design.snapshots.find(({ id }) => id === snapshotId)
  if (snapshot?.sheet.kind !== part.sheet.kind) return design
  const newest = new Map<string, unknown>(Object.entries(part.sheet))
  const taken = Object.fromEntries(fields.map((field) => [field, newest.get(field) ?? null]))
  const mixed = partSheet.safeParse({ ...snapshot.sheet, ...taken })
  if (!mixed.success || sameValue(mixed.data, snapshot.sheet)) return design
  const catalogueVersion = sameValue(mixed.data, part.sheet)
    ? part.version
    : snapshot.catalogueVersion
  return {
    ...design,
    snapshots: design.snapshots.map((one) =>
      one.id === snapshotId ? { ...one, sheet: mixed.data, catalogueVersion } : one,
    ),
  }
}
