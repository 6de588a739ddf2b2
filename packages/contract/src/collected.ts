import type { SeenMachine } from '@flint/core/figures'

/** Of one answer. */
export const COLLECTED_PER_PAGE = 50

/** What a machine said of itself at some time, as it was read. */
export interface StoredCollected {
  /** For asking for older ones, and for the answers of its tools word for word. */
  number: string
  takenAt: string
  seen: SeenMachine
}

export interface CollectedPage {
  /** Those that were gathered last come first. */
  collected: StoredCollected[]
  /** Of the design, on all pages. */
  total: number
}
