import type { CataloguePart, Design } from '@flint/core/editing'

/** A design as the server keeps it. */
export interface StoredDesign {
  id: string
  revision: number
  /** ISO 8601, UTC. */
  savedAt: string
  document: Design
}

/** A design on the shelf that this Flint Shelf cannot read: a newer one made it, or something broke it. */
export interface UnreadDesign {
  id: string
  revision: number
  savedAt: string
  /** As far as it can be told. */
  name: string
  /** Why it cannot be read, one sentence. */
  unread: string
  /** As it is stored, to be taken along as a file. */
  document: unknown
}

export type DesignOnShelf = StoredDesign | UnreadDesign

export const isUnread = (design: DesignOnShelf): design is UnreadDesign => 'unread' in design

/** A part of the catalogue that this Flint Shelf cannot read; it is left as it is. */
export interface UnreadPart {
  slug: string
  /** Maker and model, as far as they can be told. */
  name: string
}

export interface RevisionSummary {
  revision: number
  savedAt: string
  name: string
}

/** A version that came too late for a revision, kept beside them. */
export interface SetAsideSummary {
  id: string
  basedOnRevision: number
  savedAt: string
  name: string
}

export interface SetAside extends SetAsideSummary {
  document: Design
}

/** A design that was taken off the shelf; nothing of it is deleted. */
export interface RemovedDesign {
  id: string
  name: string
  removedAt: string
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
