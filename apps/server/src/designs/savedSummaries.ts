import type { Design } from '@flint/core/editing'
import { type DesignSummary, designSummary, Evaluator } from '@flint/core/figures'
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query'

/** Designs that are being worked on at the same time, in all windows of the house. */
const MOST_KEPT = 4

/**
 * Works summaries out, one save after the other. A save differs from the one before it by an edit or two, so what
 * was worked out for that one stays at hand, and only what the edit changes runs again.
 */
export class SavedSummaries {
  /** The one that was saved last stands last. */
  readonly #kept = new Map<string, { design: Design; evaluator: Evaluator }>()

  of(designId: string | null, design: Design): DesignSummary {
    if (designId === null) return designSummary(design)
    const before = this.#kept.get(designId)
    const evaluator = before?.evaluator ?? new Evaluator()
    // What a save brings is all new. Only what is the very same object need not be worked out anew.
    const same = copyWithStructuralSharing<Design>(before?.design, design)
    // One that throws on the way is no longer sure of what it has.
    this.#kept.delete(designId)
    const summary = designSummary(same, evaluator)
    this.#kept.set(designId, { design: same, evaluator })
    const [longestAgo] = this.#kept.keys()
    if (this.#kept.size > MOST_KEPT && longestAgo !== undefined) this.#kept.delete(longestAgo)
    return summary
  }
}
