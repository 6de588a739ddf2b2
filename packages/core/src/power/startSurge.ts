import { drivesInEnclosures } from '../design/bayBlocks'
import type { DesignDocument } from '../design/document'
import { fittedOfKind, fittedOne } from '../design/fittedParts'

const DRIVE_RAIL_VOLTS = 12

export interface StartSurge {
  /** Current from the 12 V rails when every drive starts at once and the rest of the machine idles. */
  amps: number
  ratedAmps: number
}

/**
 * What do the 12 V rails carry at the moment when all drives start together?
 *
 * Drives in an enclosure start from its own supply. The rest of the machine is counted as if all of it were fed from 12 V, which is true of most of it.
 *
 * @param otherDcWatts idle watts of everything but the drives
 * @returns null without a supply; otherwise the pieces whose data sheet lacks the current, if any
 */
export function startSurge(
  document: DesignDocument,
  otherDcWatts: number,
): StartSurge | { notKnownPartIds: string[] } | null {
  const supply = fittedOne(document, 'supply')
  if (!supply) return null
  const outside = drivesInEnclosures(document)
  const drives = fittedOfKind(document, 'drive').filter(
    ({ part }) => part.bay !== null && !outside.has(part.id),
  )
  const { rated12VAmps } = supply.sheet
  const silent = drives.filter(({ sheet }) => sheet.start12VAmps === null)
  if (rated12VAmps === null || silent.length > 0) {
    const pieces = rated12VAmps === null ? [supply, ...silent] : silent
    return { notKnownPartIds: pieces.map(({ part }) => part.id) }
  }
  const driveAmps = drives.reduce((sum, { sheet }) => sum + (sheet.start12VAmps ?? 0), 0)
  return { amps: driveAmps + otherDcWatts / DRIVE_RAIL_VOLTS, ratedAmps: rated12VAmps }
}
