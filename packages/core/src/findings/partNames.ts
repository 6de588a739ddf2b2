import type { DesignDocument } from '../design/document'

/** The names of pieces as a sentence has them, each name once: "Quillon Keep 12 and Lockrow Six". */
export function partNames(document: DesignDocument, partIds: readonly string[]): string {
  const sheets = new Map(document.snapshots.map(({ id, sheet }) => [id, sheet]))
  const names = document.fitted
    .filter(({ id }) => partIds.includes(id))
    .map(({ snapshotId }) => {
      const sheet = sheets.get(snapshotId)
      return sheet ? `${sheet.maker} ${sheet.model}` : ''
    })
  return [...new Set(names)].join(' and ')
}
