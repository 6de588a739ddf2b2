import type { DesignDocument } from './document'
import { fittedOfKind } from './fittedParts'

/** The size of every drive of a design, in bytes, by its id. */
export function driveBytes(document: DesignDocument): ReadonlyMap<string, number> {
  return new Map(
    fittedOfKind(document, 'drive').map(({ part, sheet }) => [part.id, sheet.capacityBytes]),
  )
}
