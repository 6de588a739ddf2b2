import type { DesignDocument } from '../document'

/**
 * Moves a drive to a bay, or to the bench with `null`. If the bay is taken, the two change places.
 */
export function moveDrive(
  document: DesignDocument,
  driveId: string,
  bay: string | null,
): DesignDocument {
  const drive = document.fitted.find(({ id }) => id === driveId)
  if (!drive || drive.bay === bay) return document
  const fitted = document.fitted.map((part) => {
    if (part.id === driveId) return { ...part, bay }
    if (bay !== null && part.bay === bay) return { ...part, bay: drive.bay }
    return part
  })
  return { ...document, fitted }
}
