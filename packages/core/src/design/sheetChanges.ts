import type { CataloguePart, PartSheet } from '../catalogue/partKinds'
import type { Design } from './design'
import { sameValue } from './sameValue'

export interface FieldChange {
  field: string
  /** What the design computes with. */
  from: unknown
  /** What the catalogue says now. */
  to: unknown
}

export interface SheetChange {
  snapshotId: string
  name: string
  /** The catalogue's part as it is now. */
  part: CataloguePart
  fields: FieldChange[]
}

/**
 * Which data sheets of a design say something else than the catalogue says now, and in which fields?
 *
 * A design keeps computing with its own until its owner takes the new value.
 *
 * @param parts the catalogue; parts of other designs do not matter
 */
export function sheetChanges(design: Design, parts: readonly CataloguePart[]): SheetChange[] {
  // A catalogue may have many thousands of parts, of which a design uses a few.
  const used = new Set(design.snapshots.map(({ slug }) => slug))
  const bySlug = new Map<string, CataloguePart>()
  for (const part of parts) if (used.has(part.slug)) bySlug.set(part.slug, part)
  return design.snapshots.flatMap(({ id, slug, sheet }) => {
    const part = slug === null ? undefined : bySlug.get(slug)
    // A name that now stands for another kind of part is not the same part any more.
    if (part?.sheet.kind !== sheet.kind) return []
    const fields = changedFields(sheet, part.sheet)
    if (fields.length === 0) return []
    return [{ snapshotId: id, name: `${sheet.maker} ${sheet.model}`, part, fields }]
  })
}

function changedFields(before: PartSheet, after: PartSheet): FieldChange[] {
  const now = new Map<string, unknown>(Object.entries(after))
  const then = new Map<string, unknown>(Object.entries(before))
  return [...new Set([...then.keys(), ...now.keys()])]
    .map((field) => ({ field, from: then.get(field) ?? null, to: now.get(field) ?? null }))
    .filter(({ from, to }) => !sameValue(from, to))
}
