import type { Design } from '../design'

/**
 * Takes drives out of their bays because they are sent back to whoever sold them. They stay members of their
 * groups: the pool waits for them, or for what comes in their place.
 */
export function sendBack(design: Design, driveIds: readonly string[]): Design {
  const leaving = new Set(driveIds)
  const isHere = design.fitted.some(({ id, away }) => leaving.has(id) && away === null)
  if (!isHere) return design
  return {
    ...design,
    fitted: design.fitted.map((part) =>
      leaving.has(part.id)
        ? { ...part, bay: null, away: 'sent back' as const, rebuilding: false }
        : part,
    ),
  }
}
