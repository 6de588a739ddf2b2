import { fittedOfKind } from './fittedParts'
import type { Design } from './design'

/** The size of every drive of a design, in bytes, by its id. */
export function driveBytes(
  design: Pick<Design, 'fitted' | 'snapshots'>,
): ReadonlyMap<string, number> {
  return new Map(
    fittedOfKind(design, 'drive').map(({ part, sheet }) => [part.id, sheet.capacityBytes]),
  )
}
