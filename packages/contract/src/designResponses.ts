import type { CataloguePart, Design } from '@flint/core/editing'
import type { DesignSummary } from '@flint/core/figures'
import type { DesignRight } from './people'
import type { StoredPrice } from './prices'
import type { StoredEvent } from './events'
import type { SendTemperature } from './temperatures'
import type { StoredReading } from './readings'

/** A design as the server keeps it. */
export interface StoredDesign {
  id: string
  revision: number
  /** ISO 8601, UTC. */
  savedAt: string
  document: Design
}

/** What is told of a save to who asks for no more, since the document is what was sent. */
export type SavedDesign = Omit<StoredDesign, 'document'>

/** A design with what whoever asks may do with it. */
export interface OpenedDesign extends StoredDesign {
  right: DesignRight
}

/** A design on the shelf, as the list shows it. */
export interface ShelfRow {
  id: string
  revision: number
  savedAt: string
  name: string
  /** The beginning of them. */
  notes: string
  /** Null while its figures are being worked out, and where that takes too long. */
  summary: DesignSummary | null
  /** Whether its figures are still being worked out. */
  isPending: boolean
  /** Why it cannot be read, one sentence: a newer Flint Shelf made it, or something broke it. */
  unread: string | null
  /** What whoever asks may do with it. */
  right: DesignRight
}

export interface ShelfPage {
  /** Designs on all pages. */
  total: number
  rows: ShelfRow[]
}

/** A design that holds a part. */
export interface PartUse {
  id: string
  name: string
  pieces: number
}

/** A part of the catalogue that this Flint Shelf cannot read; it is left as it is. */
export interface UnreadPart {
  slug: string
  /** Maker and model, as far as they can be told. */
  name: string
}

/** What the ledger said of a revision when it was saved. */
export type RevisionFigures = Pick<
  DesignSummary,
  'capacity' | 'survival' | 'power' | 'cost' | 'limits'
>

export interface RevisionSummary {
  revision: number
  savedAt: string
  name: string
  /** The name that somebody gave the revision; one with a name is never thinned. */
  label: string | null
  /** What was done in it, in the words of the edits; null where nobody has said it. */
  what: string | null
  /** Null for one saved before there were such, and where they took too long. */
  figures: RevisionFigures | null
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

/** A page of the catalogue. */
export interface PartPage {
  parts: StoredPart[]
  /** The name to ask for the next page with; null on the last one. */
  next: string | null
}

/** A part of one's own that was removed. */
export interface RemovedPart {
  slug: string
  name: string
  removedAt: string
}

/** Everything that somebody has, in one file. */
export interface Everything {
  format: typeof EVERYTHING_FORMAT
  version: 1
  madeAt: string
  /** As they are stored, or brought up to date where they can be read. */
  designs: unknown[]
  /** Parts of one's own, as the catalogue's file has them. */
  parts: unknown[]
  /** Of each design by its place in the list above; files made before there were any have none. */
  readings?: { design: number; readings: StoredReading[] }[]
  events?: { design: number; events: StoredEvent[] }[]
  temperatures?: { design: number; temperatures: SendTemperature[] }[]
  /** What machines said of themselves, word for word. */
  collected?: { design: number; file: object }[]
  prices?: StoredPrice[]
}
export const EVERYTHING_FORMAT = 'flint-shelf/everything'

/** What became of parts that were to be taken in. */
export interface TakenIn {
  taken: number
  refused: { slug: string; reason: string }[]
}
