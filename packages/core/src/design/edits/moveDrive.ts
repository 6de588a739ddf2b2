import type { Design } from '../design'

/**
 * Moves a drive to a bay, or to the bench with `null`. If the bay is taken, the two change places.
 */
export function moveDrive(design: Design, driveId: string, bay: string | null): Design {
  const drive = design.fitted.find(({ id }) => id === driveId)
  if (!drive || (drive.bay === bay && drive.away === null)) return design
  const fitted = design.fitted.map((part) => {
    if (part.id === driveId) {
      // On the bench nothing is written onto it any more.
      return { ...part, bay, away: null, rebuilding: bay !== null && part.rebuilding }
    }
    if (bay !== null && part.bay === bay) return { ...part, bay: drive.bay }
    return part
  })
  return { ...design, fitted }
}
