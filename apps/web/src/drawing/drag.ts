import type { CataloguePart, DriveSheet } from '@flint/core/editing'

/** What is being dragged: a drive of the design, or a model from the tray. */
export type Drag =
  | { what: 'drive'; driveId: string; sheet: DriveSheet }
  | { what: 'model'; model: CataloguePart; sheet: DriveSheet }

export function dragOfDrive(driveId: string, sheet: DriveSheet): Drag {
  return { what: 'drive', driveId, sheet }
}

/** Reads back what a drag carries; null for anything else. */
export function readDrag(data: unknown): Drag | null {
  return typeof data === 'object' && data !== null && 'what' in data ? (data as Drag) : null
}

/** The drop place that is not a bay. */
export const BENCH = 'bench'
