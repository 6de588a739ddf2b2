import type { DesignDocument } from './document'
import { fittedOfKind } from './fittedParts'

const kept = new WeakMap<DesignDocument, ReadonlyMap<string, number>>()

/** The size of every drive of a design, in bytes, by its id. */
export function driveBytes(document: DesignDocument): ReadonlyMap<string, number> {
  // Several rules ask the same of one document, which never changes.
  let bytes = kept.get(document)
  if (!bytes) {
    bytes = new Map(
      fittedOfKind(document, 'drive').map(({ part, sheet }) => [part.id, sheet.capacityBytes]),
    )
    kept.set(document, bytes)
  }
  return bytes
}
