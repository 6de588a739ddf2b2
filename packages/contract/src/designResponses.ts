import type { CataloguePart, Design } from '@flint/core/editing'

/** A design as the server keeps it. */
export interface StoredDesign {
  id: string
  revision: number
  /** ISO 8601, UTC. */
  savedAt: string
  document: Design
}

export interface RevisionSummary {
  revision: number
  savedAt: string
  name: string
}

/** Both sides of a save that came too late. */
export interface DesignConflict {
  stored: StoredDesign
  yours: Design
  /** Where the server keeps the version that came too late. */
  setAsideId: string
}

export type StoredPart = CataloguePart & { origin: 'shipped' | 'own'; ownedPieces: number }

/** What became of parts that were to be taken in. */
export interface TakenIn {
  taken: number
  refused: { slug: string; reason: string }[]
}
