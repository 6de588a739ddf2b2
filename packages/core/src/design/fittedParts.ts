import type { PartKind, SheetOf } from '../catalogue/partKinds'
import type { DesignDocument, FittedPart } from './document'

/** A piece together with its data sheet. */
export interface FittedWithSheet<Kind extends PartKind> {
  part: FittedPart
  sheet: SheetOf<Kind>
}

const kept = new WeakMap<DesignDocument, Map<PartKind, FittedWithSheet<PartKind>[]>>()

/**
 * Every piece of one kind with its data sheet, in the order it was added.
 *
 * Documents never change, so the sorting is done once for each and kept as long as it lives.
 */
export function fittedOfKind<Kind extends PartKind>(
  document: DesignDocument,
  kind: Kind,
): FittedWithSheet<Kind>[] {
  let byKind = kept.get(document)
  if (!byKind) {
    byKind = new Map()
    const sheets = new Map(document.snapshots.map(({ id, sheet }) => [id, sheet]))
    for (const part of document.fitted) {
      const sheet = sheets.get(part.snapshotId)
      if (!sheet) continue
      const list = byKind.get(sheet.kind)
      if (list) list.push({ part, sheet })
      else byKind.set(sheet.kind, [{ part, sheet }])
    }
    kept.set(document, byKind)
  }
  // The map was filled by each sheet's own kind, which its type cannot say.
  return (byKind.get(kind) ?? []) as unknown as FittedWithSheet<Kind>[]
}

/** The one piece of a kind of which a machine has one. */
export function fittedOne<Kind extends PartKind>(
  document: DesignDocument,
  kind: Kind,
): FittedWithSheet<Kind> | undefined {
  return fittedOfKind(document, kind)[0]
}
