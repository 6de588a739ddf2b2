import type { Design, FittedPart } from '../design'

/**
 * Moves a drive to a bay, or to the bench with `null`. If the bay is taken, the two change places.
 */
export function moveDrive(design: Design, driveId: string, bay: string | null): Design {
  const drive = design.fitted.find(({ id }) => id === driveId)
  if (!drive || (drive.bay === bay && drive.away === null)) return design
  // On the bench nothing is written onto a drive any more.
  const moved = (part: FittedPart, to: string | null): FittedPart => ({
    ...part,
    bay: to,
    rebuilding: to !== null && part.rebuilding,
  })
  const fitted = design.fitted.map((part) => {
    if (part.id === driveId) return { ...moved(part, bay), away: null }
    return bay !== null && part.bay === bay ? moved(part, drive.bay) : part
  })
  return { ...design, fitted }
}
